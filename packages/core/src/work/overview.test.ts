import fc from 'fast-check';
import { plainText } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { emptyWork, overviewOf, progressOn, type Work } from './index.js';

const choices = ['a', 'b'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('start')
  .slide('shore')
  .item('eel', 'shape', { loose: true, fields: { text: plainText('eel') } })
  .item('crab', 'shape', { loose: true, fields: { text: plainText('crab') } })
  .item('water', 'zone', { fields: { belongs: ['eel'] } })
  .item('high', 'choice', { fields: { choices, right: ['a'] } })
  .slide('extra', { leftOut: true })
  .slide('done');
const story = { ...deck, slides: { ...deck.slides } };
for (const slide of Object.values(story.slides)) story.slides[slide.id] = { ...slide, exits: 'links-only' };
const nothingFixed = () => false;
const ids = (...args: Parameters<typeof overviewOf>) => overviewOf(...args).map(({ slideId }) => slideId);

test('where slides follow one another, all of the show is there; what is left out only once it was seen', () => {
  expect(ids(deck, emptyWork, 'start', nothingFixed)).toEqual(['start', 'shore', 'done']);
  expect(ids(deck, { ...emptyWork, seen: ['extra'] }, 'start', nothingFixed)).toContain('extra');
});

test('a story gives nothing away: only what was seen is there, and where one is', () => {
  expect(ids(story, { ...emptyWork, seen: ['start'] }, 'done', nothingFixed)).toEqual(['start', 'done']);
});

test('what is missing is said: pieces by their names, the rest by their number', () => {
  const shore = (work: Work) =>
    overviewOf(deck, work, 'shore', nothingFixed).find(({ slideId }) => slideId === 'shore');
  expect(shore(emptyWork)).toMatchObject({ asked: 3, filled: 0, unplaced: ['eel', 'crab'], empty: 1 });
  const placed: Work = {
    ...emptyWork,
    pieces: { eel: { x: 0, y: 0, zoneId: 'water' } },
    answers: { high: { kind: 'choice', picked: ['b'] } },
  };
  expect(shore(placed)).toMatchObject({ asked: 3, filled: 2, unplaced: ['crab'], empty: 0 });
});

test('what is missing is always what is asked without what is filled in', () => {
  const works = fc.record({ eel: fc.boolean(), crab: fc.boolean(), high: fc.boolean() });
  fc.assert(
    fc.property(works, ({ eel, crab, high }) => {
      const lying = { x: 0, y: 0, zoneId: 'water' };
      const work: Work = {
        ...emptyWork,
        pieces: { ...(eel ? { eel: lying } : {}), ...(crab ? { crab: lying } : {}) },
        answers: high ? { high: { kind: 'choice', picked: ['a'] } } : {},
      };
      for (const { slideId, asked, filled, unplaced, empty } of overviewOf(deck, work, 'start', nothingFixed)) {
        expect(unplaced.length + empty).toBe(asked - filled);
        expect({ asked, filled }).toEqual(progressOn(deck, work, slideId, nothingFixed));
      }
    }),
  );
});
