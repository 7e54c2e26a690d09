import fc from 'fast-check';
import type { Item } from '../deck/index.js';
import { plainText } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, emptyWork, validateWork, type Work } from '../work/index.js';
import { keyedAnswer, markItem, markWork, ruleFor } from './index.js';

const choices = ['a', 'b', 'c', 'd'].map((id) => ({ id, text: id }));
const region = (id: string, x: number) => ({ id, shape: 'oval' as const, x, y: 0.4, width: 0.1, height: 0.1 });

/** A deck with a question of every kind that a computer can mark. */
const { deck } = new DeckBuilder()
  .slide('all')
  .item('one', 'choice', { fields: { choices, right: ['b'], points: 2 } })
  .item('many', 'choice', { fields: { choices, right: ['a', 'c', 'd'], several: true, points: 3 } })
  .item('word', 'blank', { fields: { accepted: ['', 'eel'] } })
  .item('listed', 'blank', { fields: { options: ['owl', 'eel'], accepted: ['eel'] } })
  .item('short', 'short-text', { fields: { accepted: ['glasswort'], slips: 1, points: 1.5 } })
  .item('depth', 'number', { fields: { right: 1234.5, units: [{ name: 'm', worth: 1 }], unitNeeded: true } })
  .item('dot', 'point', { fields: { regions: [region('r', 0.1)] } })
  .item('dots', 'point', { fields: { mark: 'dots', regions: [region('r', 0.1), region('s', 0.5)], points: 4 } })
  .item('arrow', 'point', { fields: { mark: 'arrow', regions: [region('r', 0.1), region('s', 0.5)], points: 2 } })
  .item('time', 'point', {
    fields: { axis: { from: 1900, to: 2000, unit: '', upright: false, right: 1953, tolerance: 2 } },
  })
  .item('eel', 'shape', { loose: true, fields: { text: plainText('eel') } })
  .item('crab', 'shape', { loose: true, fields: { text: plainText('crab') } })
  .item('sun', 'shape', { loose: true, fields: { text: plainText('sun') } })
  .item('water', 'zone', { fields: { belongs: ['eel', 'crab'], points: 2 } })
  .item('row', 'zone', { fields: { belongs: ['sun'], lay: 'row', inOrder: true } });

const marked = Object.values(deck.items).filter((item) => markItem(item, emptyWork, deck) !== null);
const keyed = (item: Item): Work => applyWorkChanges(emptyWork, keyedAnswer(item, deck));

describe('every kind of question that is marked', () => {
  test.each(marked.map((item) => [item.id, item] as const))('%s: its key gets full marks', (_, item) => {
    const work = keyed(item);
    const mark = markItem(item, work, deck);
    expect(mark).toMatchObject({ verdict: 'right' });
    expect(mark?.points).toBe(mark?.outOf);
    expect(mark?.outOf).toBeGreaterThan(0);
    expect(validateWork(work, deck)).toEqual([]);
  });

  test.each(marked.map((item) => [item.id, item] as const))('%s: an empty answer gets none', (_, item) => {
    expect(markItem(item, emptyWork, deck)).toMatchObject({ verdict: 'empty', points: 0 });
  });

  test.each(marked.map((item) => [item.id, item] as const))('%s: its rule says by what it is marked', (_, item) => {
    expect(['read-by-person', 'poll', 'no-piece', undefined]).not.toContain(ruleFor(item, deck)?.code);
  });

  test('all keys at once earn all points', () => {
    const work = applyWorkChanges(
      emptyWork,
      marked.flatMap((item) => keyedAnswer(item, deck)),
    );
    const marks = markWork(deck, work);
    expect(marks.points).toBe(marks.outOf);
  });

  test('no mark goes by the order of keys or of arrival', () => {
    const work = applyWorkChanges(
      emptyWork,
      marked.flatMap((item) => keyedAnswer(item, deck)),
    );
    const turned = (record: object) => Object.fromEntries(Object.entries(record).reverse());
    const other = {
      ...work,
      answers: turned(work.answers),
      blanks: turned(work.blanks),
      pieces: turned(work.pieces),
    } as Work;
    const upsideDown = { ...deck, items: turned(deck.items) } as typeof deck;
    expect(markWork(upsideDown, other).items).toEqual(markWork(deck, work).items);
  });

  test('partial credit grows with each right part, and stays within the points', () => {
    const parts: readonly [string, (count: number) => Work][] = [
      [
        'many',
        (count) => ({ ...emptyWork, answers: { many: { kind: 'choice', picked: ['a', 'c', 'd'].slice(0, count) } } }),
      ],
      [
        'dots',
        (count) => ({
          ...emptyWork,
          answers: { dots: { kind: 'dots', dots: [0.15, 0.55].slice(0, count).map((x) => ({ x, y: 0.45 })) } },
        }),
      ],
      [
        'water',
        (count) => ({
          ...emptyWork,
          pieces: Object.fromEntries(
            ['eel', 'crab'].slice(0, count).map((id) => [id, { x: 0, y: 0, zoneId: 'water' }]),
          ),
        }),
      ],
    ];
    for (const [id, withParts] of parts) {
      const item = deck.items[id];
      if (!item) throw new Error(`no ${id}`);
      const points = [0, 1, 2, 3].map((count) => markItem(item, withParts(count), deck)?.points ?? NaN);
      const most = points.findIndex((each) => each === points[3]);
      for (let at = 1; at <= most; at += 1) expect(points[at]).toBeGreaterThan(points[at - 1] ?? NaN);
    }
  });

  test('whatever is answered, a mark is neither below nothing nor above its points', () => {
    const dot = fc.record({
      x: fc.double({ min: 0, max: 1, noNaN: true }),
      y: fc.double({ min: 0, max: 1, noNaN: true }),
    });
    const answer = fc.oneof(
      fc.record({
        kind: fc.constant('choice' as const),
        picked: fc.array(fc.constantFrom('a', 'b', 'z'), { maxLength: 4 }),
      }),
      fc.record({
        kind: fc.constant('words' as const),
        text: fc.oneof(fc.string(), fc.constantFrom('1.234,5', '½', '🦀')),
      }),
      fc.record({ kind: fc.constant('dots' as const), dots: fc.array(dot, { maxLength: 6 }) }),
    );
    fc.assert(
      fc.property(
        fc.dictionary(fc.constantFrom(...marked.map(({ id }) => id)), answer),
        fc.string(),
        (answers, text) => {
          const marks = markWork(deck, { ...emptyWork, answers, blanks: { word: text, listed: text } });
          for (const { points, outOf } of Object.values(marks.items)) {
            expect(points).toBeGreaterThanOrEqual(0);
            expect(points).toBeLessThanOrEqual(outOf);
          }
        },
      ),
    );
  });

  test('a key that fits no choice is no key', () => {
    const { deck: odd } = new DeckBuilder()
      .slide('s')
      .item('odd', 'choice', { fields: { choices, right: ['nowhere'] } })
      .item('empty', 'short-text', { fields: { accepted: ['  '] } })
      .item('gone', 'zone', { fields: { belongs: ['nowhere'] } });
    expect(markWork(odd, emptyWork)).toMatchObject({ points: 0, outOf: 1, unmarked: 0 });
    expect(Object.keys(markWork(odd, emptyWork).items)).toEqual(['empty']);
  });
});
