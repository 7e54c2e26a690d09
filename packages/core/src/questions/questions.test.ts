import fc from 'fast-check';
import { plainText, readAsking } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { emptyWork, type Work } from '../work/index.js';
import { comparable, givenFor, isAccepted, markWork, readMarks, tallyChoice } from './index.js';

const choices = ['a', 'b', 'c', 'd'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('exit')
  .item('one', 'choice', { fields: { choices, right: ['b'], points: 2 } })
  .item('many', 'choice', { fields: { choices, right: ['a', 'c'], several: true, points: 2 } })
  .item('poll', 'choice', { fields: { choices, right: [] } })
  .item('word', 'blank', { fields: { accepted: ['sea lavender', 'Limonium'] } })
  .item('why', 'short-text', { fields: { accepted: [] } })
  .item('eel', 'shape', { loose: true, fields: { text: plainText('eel') } })
  .item('crab', 'shape', { loose: true, fields: { text: plainText('crab') } })
  .item('owl', 'shape', { loose: true, fields: { text: plainText('owl') } })
  .item('water', 'zone', { fields: { belongs: ['eel', 'crab'] } })
  .item('sky', 'zone', { fields: { belongs: [] } });

const pick = (id: string, ...picked: string[]): Work => ({
  ...emptyWork,
  answers: { [id]: { kind: 'choice', picked } },
});
const place = (...ids: string[]): Work => ({
  ...emptyWork,
  pieces: Object.fromEntries(ids.map((id) => [id, { x: 0, y: 0, zoneId: 'water' }])),
});
const markFor = (id: string, work: Work) => markWork(deck, work).items[id];

describe('marking', () => {
  test('one choice is right or wrong, and empty until picked', () => {
    expect(markFor('one', pick('one', 'b'))).toMatchObject({ verdict: 'right', points: 2 });
    expect(markFor('one', pick('one', 'a'))).toMatchObject({
      verdict: 'wrong',
      points: 0,
      why: { code: 'key', key: 'B' },
    });
    expect(markFor('one', emptyWork)).toMatchObject({ verdict: 'empty', points: 0, outOf: 2 });
  });

  test('several choices earn a share, less one for each wrong pick', () => {
    expect(markFor('many', pick('many', 'a', 'c'))).toMatchObject({ verdict: 'right', points: 2 });
    expect(markFor('many', pick('many', 'a'))).toMatchObject({ verdict: 'partly', points: 1 });
    expect(markFor('many', pick('many', 'a', 'b'))).toMatchObject({ verdict: 'wrong', points: 0 });
    expect(markFor('many', pick('many', 'a', 'b', 'c', 'd'))?.points).toBe(0);
  });

  test('picking one more wrong choice never earns more', () => {
    fc.assert(
      fc.property(fc.subarray(['a', 'b', 'c', 'd']), fc.constantFrom('b', 'd'), (picked, wrong) => {
        const without = picked.filter((id) => id !== wrong);
        const before = markFor('many', pick('many', ...without))?.points ?? 0;
        const after = markFor('many', pick('many', ...without, wrong))?.points ?? 0;
        expect(after).toBeLessThanOrEqual(before);
      }),
    );
  });

  test('a poll is not marked, and a question without accepted words waits for a person', () => {
    expect(markFor('poll', pick('poll', 'a'))).toBeUndefined();
    const given: Work = { ...emptyWork, answers: { why: { kind: 'words', text: 'x' } } };
    expect(markFor('why', given)).toMatchObject({ verdict: 'unmarked', points: 0 });
    expect(markFor('why', emptyWork)).toMatchObject({ verdict: 'empty', points: 0 });
    expect(markWork(deck, given).unmarked).toBe(1);
    expect(markWork(deck, given).outOf).toBe(markWork(deck, emptyWork).outOf - 1);
  });

  test('a verdict comes from the answer, whatever it is worth', () => {
    const choices = ['a', 'b'].map((id) => ({ id, text: id }));
    const { deck: free } = new DeckBuilder()
      .slide('s')
      .item('pick', 'choice', { fields: { choices, right: ['a'], points: 0 } })
      .item('n', 'number', { fields: { right: 5, points: 0 } })
      .item('word', 'blank', { fields: { accepted: ['eel'], points: 0 } })
      .item('why', 'long-text', { fields: { points: 0 } });
    const marks = (picked: string, text: string, word: string) =>
      markWork(free, {
        ...emptyWork,
        answers: { pick: { kind: 'choice', picked: [picked] }, n: { kind: 'words', text } },
        blanks: { word },
      }).items;
    expect(Object.values(marks('b', '6', 'owl')).map(({ verdict }) => verdict)).toEqual(['wrong', 'wrong', 'wrong']);
    expect(Object.values(marks('a', '5', 'eel')).map(({ verdict }) => verdict)).toEqual(['right', 'right', 'right']);
  });

  test('points that are rounded never become nothing', () => {
    const points = (given: number) => readAsking({ points: given }).points;
    expect([0, 0.1, 0.24, 0.3, 1.2, 1000].map(points)).toEqual([0, 0.5, 0.5, 0.5, 1, 100]);
  });

  test('typed words count without regard to case and spaces', () => {
    expect(markFor('word', { ...emptyWork, blanks: { word: '  Sea   LAVENDER ' } })).toMatchObject({
      verdict: 'right',
    });
    expect(markFor('word', { ...emptyWork, blanks: { word: 'kelp' } })).toMatchObject({
      verdict: 'wrong',
      why: { code: 'accepted', accepted: 'sea lavender' },
    });
    expect(isAccepted('fisher’s spider', ["Fisher's spider"])).toBe(true);
  });

  test('words are comparable with themselves however they are spaced and cased', () => {
    fc.assert(fc.property(fc.string(), (words) => expect(comparable(comparable(words))).toBe(comparable(words))));
  });

  test('placed pieces earn a point each, less one for each that does not belong', () => {
    expect(markFor('water', place('eel', 'crab'))).toMatchObject({ verdict: 'right', points: 2 });
    expect(markFor('water', place('eel'))).toMatchObject({
      verdict: 'partly',
      points: 1,
      why: { code: 'pieces', right: 1, of: 2, wrong: 0 },
    });
    expect(markFor('water', place('eel', 'owl'))).toMatchObject({ verdict: 'wrong', points: 0 });
    expect(markFor('water', emptyWork)).toMatchObject({ verdict: 'empty' });
    expect(markFor('sky', emptyWork)).toBeUndefined();
  });

  test('no work earns less than nothing or more than everything', () => {
    const work = fc.record({
      one: fc.subarray(['a', 'b']),
      many: fc.subarray(['a', 'b', 'c', 'd']),
      pieces: fc.subarray(['eel', 'crab', 'owl']),
      word: fc.string(),
    });
    fc.assert(
      fc.property(work, ({ one, many, pieces, word }) => {
        const marks = markWork(deck, {
          ...place(...pieces),
          blanks: { word },
          answers: { one: { kind: 'choice', picked: one }, many: { kind: 'choice', picked: many } },
        });
        for (const mark of Object.values(marks.items)) {
          expect(mark.points).toBeGreaterThanOrEqual(0);
          expect(mark.points).toBeLessThanOrEqual(mark.outOf);
        }
        expect(marks.outOf).toBe(8);
        expect(readMarks(JSON.parse(JSON.stringify(marks)))).toEqual(marks);
      }),
    );
  });

  test('what a student gave can be said in words', () => {
    const item = (id: string) => {
      const found = deck.items[id];
      if (!found) throw new Error(`no ${id}`);
      return found;
    };
    expect(givenFor(item('many'), pick('many', 'c', 'a'), deck)).toBe('A, C');
    expect(givenFor(item('water'), place('owl', 'eel'), deck)).toBe('eel, owl');
    expect(givenFor(item('word'), { ...emptyWork, blanks: { word: 'kelp' } }, deck)).toBe('kelp');
  });
});

describe('tallying choices', () => {
  test('counts who picked what among those who answered', () => {
    const item = deck.items['one'];
    if (item?.kind !== 'choice') throw new Error('a choice');
    const tally = tallyChoice(item, [pick('one', 'a'), pick('one', 'b'), pick('one', 'b'), emptyWork]);
    expect(tally.answered).toBe(3);
    expect(tally.choices.map(({ letter, count, right }) => [letter, count, right])).toEqual([
      ['A', 1, false],
      ['B', 2, true],
      ['C', 0, false],
      ['D', 0, false],
    ]);
    expect(tally.choices[1]?.share).toBeCloseTo(2 / 3);
    expect(tallyChoice(item, []).choices[0]?.share).toBe(0);
  });
});
