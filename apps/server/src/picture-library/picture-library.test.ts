import { licences } from '@gobrel/core/deck';
import { fromLibrary } from '@gobrel/demo';
import sharp from 'sharp';
import { catalogue } from './catalogue.js';
import { colourOf } from './colours.js';
import { ShippedPictures } from './shipped-pictures.js';

const library = new ShippedPictures();
const found = async (query: Parameters<ShippedPictures['search']>[0]) => {
  const all: string[] = [];
  for (let page = 1; ; page += 1) {
    const { results, page_count } = await library.search({ ...query, page });
    all.push(...results.map(({ id }) => id));
    if (page >= page_count) return all;
  }
};

test('some 120 pictures, of all kinds and in several styles, each found once', async () => {
  const all = await found({});
  expect(new Set(all).size).toBe(all.length);
  expect(all.length).toBe(Object.keys(catalogue).length);
  expect(all.length).toBeGreaterThanOrEqual(115);
});

test('pictures are found by what they show, by their tags, and by the beginnings of words', async () => {
  expect(await found({ find: 'heron' })).toEqual(['heron']);
  expect(await found({ find: 'TID low' })).toEqual(expect.arrayContaining(['rock pool', 'low water']));
  expect(await found({ find: 'shellf' })).toEqual(['crab', 'mussels']);
  expect(await found({ find: 'submarine' })).toEqual([]);
});

test('words that mean much the same find one another, in the languages of the interface', async () => {
  expect(await found({ find: 'rabbit' })).toContain('hare');
  expect(await found({ find: 'backpack' })).toEqual(['satchel']);
  expect(await found({ find: 'niña silla' })).toEqual(['girl in wheelchair']);
  expect(await found({ find: 'búho' })).toContain('owl');
});

test('what one may do with them is what their licences say', async () => {
  for (const name of await found({ change: 'yes', sell: 'yes' })) {
    const { licence } = catalogue[name] ?? { licence: 'allowed' };
    expect([name, licences[licence].change, licences[licence].sell]).toEqual([name, true, true]);
  }
  const kept = new Set(Object.values(catalogue).map(({ licence }) => licence));
  expect(kept.size).toBeGreaterThanOrEqual(10);
});

test('shapes and colours are those of the pictures', async () => {
  expect(await found({ shape: 'tall', kind: 'people' })).toHaveLength(18);
  expect(await found({ shape: 'square', kind: 'people' })).toEqual([]);
  expect(await found({ colour: 'blue', kind: 'backgrounds' })).toContain('deep sea');
  expect(await found({ colour: 'red', kind: 'backgrounds' })).not.toContain('deep sea');
  expect([colourOf(200, 30, 30), colourOf(20, 90, 200), colourOf(250, 250, 248), colourOf(110, 80, 50)]).toEqual([
    'red',
    'blue',
    'white',
    'brown',
  ]);
});

test('each says who drew it and under which licence, as a service outside would', async () => {
  const { results } = await library.search({ find: 'pencil' });
  expect(results[0]).toMatchObject({
    creator: 'Bram Tern',
    license_url: licences['cc0-1.0'].address,
    width: 800,
    height: 800,
  });
});

test('what the sample decks took from here has the papers and the size it has here', async () => {
  for (const [name, { credit, pixels }] of Object.entries(fromLibrary)) {
    const { shows, author, licence } = catalogue[name] ?? { shows: '', author: '', licence: null };
    expect(credit).toEqual({ title: shows, author, source: '', licence });
    const { width, height } = await sharp(await library.picture(name, 'whole')).metadata();
    expect(pixels).toEqual({ width, height });
  }
});

test('every one of them is drawn in the shape it says, small, and whole one of each kind', async () => {
  const shapeOf = async (name: string, size: 'small' | 'whole') => {
    const { format, width, height } = await sharp(await library.picture(name, size)).metadata();
    expect([name, format]).toEqual([name, 'webp']);
    const { width: across = 0, height: down = 0 } = catalogue[name] ?? {};
    // A row of pixels more or less is the most that rounding makes of it.
    expect([name, Math.abs(height - (down * width) / across) <= 1]).toEqual([name, true]);
    return width;
  };
  for (const name of Object.keys(catalogue)) expect(await shapeOf(name, 'small')).toBe(240);
  const oneOfEach = new Map(Object.entries(catalogue).map(([name, { kind }]) => [kind, name]));
  expect(oneOfEach.size).toBeGreaterThanOrEqual(8);
  for (const name of oneOfEach.values()) expect(await shapeOf(name, 'whole')).toBeGreaterThanOrEqual(800);
});

test('frames are empty in their middle', async () => {
  for (const name of await found({ kind: 'frames' })) {
    const { data, info } = await sharp(await library.picture(name, 'small'))
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const middle = (Math.floor(info.height / 2) * info.width + Math.floor(info.width / 2)) * info.channels + 3;
    expect([name, data[middle]]).toEqual([name, 0]);
  }
});

test('a name that is none is refused, also one that every object knows', async () => {
  await expect(library.picture('toString', 'whole')).rejects.toThrow('no-such-picture');
});
