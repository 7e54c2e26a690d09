import fc from 'fast-check';
import { markWork } from '../questions/index.js';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, emptyWork, type Work } from '../work/index.js';
import {
  affectedBy,
  dropComment,
  emptyReview,
  marksWith,
  meanOfLesson,
  meanOfStudent,
  overrule,
  readReview,
  reviewedMarks,
  setComment,
  spreadOf,
} from './index.js';

const edition = new DeckBuilder()
  .slide('s')
  .item('low', 'blank', { fields: { accepted: ['low'], points: 2 } })
  .item('moon', 'blank', { fields: { accepted: ['moon'], points: 1 } }).deck;
const work = applyWorkChanges(emptyWork, [
  { part: 'blanks', id: 'low', value: 'lowish' },
  { part: 'blanks', id: 'moon', value: 'moon' },
]);
const marks = markWork(edition, work);

describe('a review', () => {
  test('overrules a mark with a reason, and the sum follows', () => {
    const review = overrule(emptyReview, 'low', { points: 1, why: 'Nearly.' });
    const reviewed = reviewedMarks(marks, review, edition);
    expect(reviewed).toMatchObject({
      points: 2,
      outOf: 3,
      items: { low: { verdict: 'partly', points: 1, why: { code: 'said', text: 'Nearly.' } } },
    });
    expect(reviewedMarks(marks, overrule(review, 'low', null), edition)).toEqual(marks);
  });

  test('gives no more than a question has', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1000, noNaN: true }), (points) => {
        const { points: sum, outOf } = reviewedMarks(marks, overrule(emptyReview, 'low', { points, why: '' }), edition);
        expect(sum).toBeLessThanOrEqual(outOf);
        expect(sum).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  test('marks what no key marks, from the moment points are given for it', () => {
    const open = new DeckBuilder().slide('s').item('why', 'long-text', { fields: { points: 3 } }).deck;
    const unmarked = markWork(open, emptyWork);
    expect(reviewedMarks(unmarked, emptyReview, open)).toMatchObject({ points: 0, outOf: 3, unmarked: 0 });
    const written: Work = { ...emptyWork, answers: { why: { kind: 'words', text: 'Because.' } } };
    expect(marksWith(emptyReview, open, written)).toMatchObject({ points: 0, outOf: 0, unmarked: 1 });
    expect(marksWith(overrule(emptyReview, 'why', { points: 3, why: '' }), open, written)).toMatchObject({
      points: 3,
      outOf: 3,
      unmarked: 0,
      items: { why: { verdict: 'right', byTeacher: true } },
    });
    const given = overrule(emptyReview, 'why', { points: 2, why: 'Good reasons.' });
    expect(reviewedMarks(unmarked, given, open)).toMatchObject({ points: 2, outOf: 3 });
  });

  test('comments are set, replaced and taken away', () => {
    const comment = {
      id: 'c1',
      slideId: 's',
      spot: { x: 10, y: 20 },
      text: 'Look',
      praise: 'star',
      spoken: null,
    } as const;
    const said = setComment(setComment(emptyReview, comment), { ...comment, text: 'Look again' });
    expect(said.comments).toEqual([{ ...comment, text: 'Look again' }]);
    expect(dropComment(said, 'c1')).toEqual(emptyReview);
    expect(readReview(JSON.parse(JSON.stringify(said)))).toEqual(said);
  });

  test('one that nobody vouches for is read without harm', () => {
    fc.assert(fc.property(fc.jsonValue(), (value) => expect(readReview(readReview(value))).toEqual(readReview(value))));
  });
});

test('a correction names those whose points change or whose entries fit no more', () => {
  const after = new DeckBuilder().slide('s').item('low', 'blank', { fields: { accepted: ['lowish'], points: 2 } }).deck;
  const works = [
    { participantId: 'ines', work },
    { participantId: 'dov', work: emptyWork },
  ];
  expect(affectedBy(edition, after, works)).toEqual([
    { participantId: 'ines', stranded: 1, points: { before: 1, after: 2 } },
  ]);
  expect(affectedBy(edition, edition, works)).toEqual([]);
});

describe('the gradebook', () => {
  const lesson = (id: string, results: Record<string, [number, number]>) => ({
    id,
    title: id,
    openedAt: '2026-03-02T09:00:00Z',
    results: Object.fromEntries(
      Object.entries(results).map(([who, [points, outOf]]) => [who, { points, outOf, unmarked: 0 }]),
    ),
  });
  const lessons = [lesson('one', { ines: [3, 4], dov: [4, 4] }), lesson('two', { ines: [5, 10] })];

  test('averages shares, each lesson counting the same, and passes over what is missing', () => {
    expect(meanOfStudent(lessons, 'ines')).toBeCloseTo(0.625);
    expect(meanOfStudent(lessons, 'dov')).toBe(1);
    expect(meanOfStudent(lessons, 'nobody')).toBeNull();
    expect(lessons.map(meanOfLesson)).toEqual([0.875, 0.5]);
  });

  test('counts students by fifths, everything right in the highest', () => {
    expect(spreadOf(lesson('x', { a: [0, 4], b: [1, 4], c: [4, 4], d: [2, 4] }))).toEqual([1, 1, 1, 0, 1]);
  });
});
