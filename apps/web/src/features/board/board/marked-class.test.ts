/** Marks on the board: always those of the work that is shown. */
import { DeckBuilder } from '@gobrel/core/testing';
import { emptyReview, overrule } from '@gobrel/core/review';
import { markWork } from '@gobrel/core/questions';
import { applyWorkChanges, emptyWork, type Work } from '@gobrel/core/work';
import { MARKED_AT_ONCE, MarkedClass, type Seat } from './marked-class';

const editionWith = (questions: number) => {
  const builder = new DeckBuilder().slide('tides');
  for (let at = 0; at < questions; at += 1)
    builder.item(`low${at}`, 'blank', { fields: { accepted: ['low'], points: 1 } });
  return builder.deck;
};
const edition = editionWith(1);
const typed = (value: string): Work => applyWorkChanges(emptyWork, [{ part: 'blanks', id: 'low0', value }]);
const seat = (participantId: string | null, work: Work, isKnown = true): Seat => ({
  participant: { participantId },
  work,
  isKnown,
});
const verdictOf = (marks: ReturnType<MarkedClass['look']>['marks'], id: string) =>
  marks[id]?.marks.items['low0']?.verdict;

test('somebody’s answer is judged the moment it is here, however much others go on typing', () => {
  const marked = new MarkedClass();
  for (const letters of ['l', 'lo', 'low']) {
    const odd = typed(`${letters}!`);
    const { marks } = marked.look(edition, [seat('a', typed(letters)), seat('b', odd)], {});
    expect(verdictOf(marks, 'a')).toBe(letters === 'low' ? 'right' : 'wrong');
    expect(marks['b']?.work).toBe(odd);
  }
});

test('nothing is said of whoever has not joined, or whose work is not here yet', () => {
  const marked = new MarkedClass();
  const look = marked.look(edition, [seat(null, typed('low')), seat('a', emptyWork, false)], {});
  expect(look).toEqual({ marks: {}, isComplete: false, left: [] });
  const later = marked.look(edition, [seat('a', typed('low'))], {});
  expect(later.isComplete).toBe(true);
  // Once everybody was seen, a newcomer takes nothing away.
  expect(marked.look(edition, [seat('a', typed('low')), seat('b', emptyWork, false)], {}).isComplete).toBe(true);
});

test('who did nothing since has the very same marks, so that their row is not drawn again', () => {
  const marked = new MarkedClass();
  const work = typed('low');
  const before = marked.look(edition, [seat('a', work)], {}).marks['a'];
  expect(marked.look(edition, [seat('a', work), seat('b', typed('high'))], {}).marks['a']).toBe(before);
});

test('what a teacher gave counts at once, and a corrected edition marks anew', () => {
  const marked = new MarkedClass();
  const work = typed('lowish');
  const seats = [seat('a', work)];
  expect(marked.look(edition, seats, {}).marks['a']?.marks.points).toBe(0);
  const review = overrule(emptyReview, 'low0', { points: 1, why: 'Nearly.' });
  const reviews = { a: { review, releasedAt: null, returnedAt: null } } as const;
  expect(marked.look(edition, seats, reviews).marks['a']?.marks.points).toBe(1);
  const corrected = new DeckBuilder().slide('tides').item('low0', 'blank', { fields: { accepted: ['lowish'] } }).deck;
  expect(verdictOf(marked.look(corrected, seats, {}).marks, 'a')).toBe('right');
});

test('very many are marked apart: until then their last marks stand, with the work they are of', () => {
  const large = editionWith(MARKED_AT_ONCE / 2);
  const marked = new MarkedClass();
  const [first, second] = [typed('low'), typed('high')];
  marked.look(large, [seat('a', first)], {});
  const changed = typed('lo');
  const seats = [seat('a', changed), seat('b', second), seat('c', typed('low'))];
  const { marks, left, isComplete } = marked.look(large, seats, {});
  expect(left).toEqual([changed, second, seats[2]?.work]);
  expect(marks).toEqual({ a: { work: first, marks: markWork(large, first) } });
  expect(isComplete).toBe(true);
  marked.learn(
    large,
    left,
    left.map((work) => markWork(large, work)),
  );
  const after = marked.look(large, seats, {});
  expect(after.left).toEqual([]);
  expect([verdictOf(after.marks, 'a'), verdictOf(after.marks, 'b'), verdictOf(after.marks, 'c')]).toEqual([
    'wrong',
    'wrong',
    'right',
  ]);
});
