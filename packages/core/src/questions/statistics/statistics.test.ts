import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import { emptyWork, type Work } from '../../work/index.js';
import { analyseMarks, analyseScores, correlation, cronbachAlpha, markWork, meanOf } from '../index.js';

/**
 * Chatterjee and Price 1977, Regression Analysis by Example, section 3.7: clerical employees on their supervisors, per
 * cent of favourable answers of 30 departments to seven questions (R's dataset `attitude`).
 */
const attitude = `43 51 30 39 61 92 45; 63 64 51 54 63 73 47; 71 70 68 69 76 86 48; 61 63 45 47 54 84 35
81 78 56 66 71 83 47; 43 55 49 44 54 49 34; 58 67 42 56 66 68 35; 71 75 50 55 70 66 41; 72 82 72 67 71 83 31
67 61 45 47 62 80 41; 64 53 53 58 58 67 34; 67 60 47 39 59 74 41; 69 62 57 42 55 63 25; 68 83 83 45 59 77 35
77 77 54 72 79 77 46; 81 90 50 72 60 54 36; 74 85 64 69 79 79 63; 65 60 65 75 55 80 60; 65 70 46 57 75 85 46
50 58 68 54 64 78 52; 50 40 33 34 43 64 33; 64 61 52 62 66 80 41; 53 66 52 50 63 80 37; 40 37 42 58 50 57 49
63 54 42 48 66 75 33; 66 77 66 63 88 76 72; 78 75 58 74 80 78 49; 48 57 44 45 51 83 38; 85 85 71 71 77 74 55
82 82 39 59 64 78 39`
  .split(/[;\n]/)
  .map((row) => row.trim().split(' ').map(Number));

/** Student 1908, The probable error of a mean: hours of sleep gained with two drugs by ten patients. */
const sleep = {
  drug: [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1],
  gained: [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0, 2, 1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4],
};

describe('figures against published examples', () => {
  test("Cronbach's alpha of the attitude data is 0.84, as the manual of R's package psych prints it", () => {
    const means = [0, 1, 2, 3, 4, 5, 6].map((at) => meanOf(attitude.map((row) => row[at] ?? NaN)));
    expect(means.map((mean) => Math.round(mean * 100) / 100)).toEqual([64.63, 66.6, 53.13, 56.37, 64.63, 74.77, 42.93]);
    expect(cronbachAlpha(attitude)).toBeCloseTo(0.84, 2);
  });

  test("a point-biserial correlation goes with Student's t of the two halves: t = 1.8608 at 18 degrees of freedom", () => {
    const r = correlation(sleep.drug, sleep.gained) ?? NaN;
    expect(r * Math.sqrt(18 / (1 - r * r))).toBeCloseTo(1.8608, 4);
  });

  test('Anscombe 1973: the first of the four sets has r = 0.816', () => {
    const x = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5];
    const y = [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68];
    expect(correlation(x, y)).toBeCloseTo(0.816, 3);
  });
});

describe('figures of questions', () => {
  const choices = ['a', 'b'].map((id) => ({ id, text: id }));
  const { deck } = new DeckBuilder()
    .slide('s')
    .item('q1', 'choice', { fields: { choices, right: ['a'] } })
    .item('q2', 'choice', { fields: { choices, right: ['a'] } })
    .item('q3', 'choice', { fields: { choices, right: ['a'] } });
  const marksOf = (...picked: string[]) => {
    const answers = picked.map((id, at) => [`q${at + 1}`, { kind: 'choice' as const, picked: [id] }]);
    const work: Work = { ...emptyWork, seen: ['s'], answers: Object.fromEntries(answers) };
    return { work, marks: markWork(deck, work) };
  };

  test('facility is the share of points earned, and strong students are told from weak', () => {
    const figures = analyseMarks(deck, [
      marksOf('a', 'a', 'b'),
      marksOf('a', 'a', 'b'),
      marksOf('b', 'b', 'a'),
      marksOf('b', 'a', 'b'),
    ]);
    expect(figures.items.map(({ facility }) => facility)).toEqual([0.5, 0.75, 0.25]);
    expect(figures.items[2]?.discrimination).toBeLessThan(0);
    expect(figures).toMatchObject({ students: 4, caution: 'very-few' });
  });

  test('a correlation that chance alone brings about is no reason to doubt a key; a strong one against it is', () => {
    const questions = [1, 2].map((at) => ({ itemId: `q${at}`, outOf: 1 }));
    const rows = (together: number, apart: number) => [
      ...Array.from({ length: together }, (_none, at) => [at % 2, at % 2]),
      ...Array.from({ length: apart }, (_none, at) => [at % 2, 1 - (at % 2)]),
    ];
    const power = (together: number, apart: number) =>
      analyseScores(questions, rows(together, apart)).items[0]?.reading?.power;
    expect(analyseScores(questions, rows(98, 102)).items[0]?.discrimination).toBeCloseTo(-0.02, 2);
    expect(power(98, 102)).toBe('weak');
    expect(power(40, 160)).toBe('reversed');
    expect(power(2, 4)).toBe('weak');
  });

  test('what somebody never came to, and what waits for a person, says nothing about the question', () => {
    const [came, never] = [marksOf('a'), marksOf()];
    const elsewhere = { ...never, work: { ...never.work, seen: [] } };
    expect(analyseMarks(deck, [came, elsewhere]).items[0]?.facility).toBe(1);
    expect(analyseMarks(deck, [came, never]).items[0]?.facility).toBe(0.5);
    const { deck: long } = new DeckBuilder().slide('s').item('why', 'long-text');
    const work: Work = { ...emptyWork, seen: ['s'], answers: { why: { kind: 'words', text: 'Because.' } } };
    expect(analyseMarks(long, [{ work, marks: markWork(long, work) }]).items).toEqual([]);
  });

  test('a few students, all alike, or none: said, never a number out of nothing', () => {
    expect(analyseMarks(deck, [])).toMatchObject({ alpha: null, items: [] });
    const alike = analyseMarks(deck, [marksOf('a', 'a', 'a'), marksOf('a', 'a', 'a')]);
    expect(alike.alpha).toBeNull();
    expect(alike.items[0]).toMatchObject({ facility: 1, discrimination: null });
    expect(analyseMarks(deck, [marksOf('a')]).caution).toBe('very-few');
    expect(
      analyseMarks(
        deck,
        Array.from({ length: 40 }, () => marksOf('a')),
      ).caution,
    ).toBeNull();
  });

  test('a correlation lies between -1 and 1 and is the same both ways', () => {
    const row = fc.array(fc.integer({ min: 0, max: 5 }), { minLength: 5, maxLength: 5 });
    fc.assert(
      fc.property(row, row, (one, other) => {
        const r = correlation(one, other);
        expect(r).toBe(correlation(other, one));
        expect(Math.abs(r ?? 0)).toBeLessThanOrEqual(1);
      }),
    );
  });
});
