import sharp from 'sharp';
import { drawings } from './drawings.js';
import { PictureLibraryService } from './picture-library.service.js';

const library = new PictureLibraryService();
const found = (looked: string) => library.find(looked).map(({ name }) => name);

test('pictures are found by what they show, by their tags, and by the beginnings of words', () => {
  expect(found('heron')).toEqual(['heron']);
  expect(found('TID low')).toEqual(expect.arrayContaining(['rock pool', 'low water']));
  expect(found('shellf')).toEqual(['crab', 'mussels']);
  expect(found('submarine')).toEqual([]);
  expect(found('')).toHaveLength(Object.keys(drawings).length);
});

test('each says who drew it and under which licence', () => {
  for (const picture of library.find('')) expect(picture).toMatchObject({ by: 'Gobrel', licence: 'CC0 1.0' });
});

test('every one of them is drawn, whole and small', async () => {
  for (const name of Object.keys(drawings)) {
    const whole = await sharp(await library.picture(name, 'whole')).metadata();
    expect([name, whole.format, whole.width, whole.height]).toEqual([name, 'webp', 960, 720]);
  }
  expect((await sharp(await library.picture('crab', 'small')).metadata()).width).toBe(240);
});

test('a name that is none is refused, also one that every object knows', () => {
  expect(() => library.picture('toString', 'whole')).toThrow('no-such-picture');
});
