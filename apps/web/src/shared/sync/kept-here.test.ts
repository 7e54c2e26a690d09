import { keptAs, keptFor, noteKept, strikeKept, unsavedFor, wasUnsaved } from './kept-here';

function shelf() {
  const held = new Map<string, string>();
  return {
    getItem: (key: string) => held.get(key) ?? null,
    setItem: (key: string, value: string) => void held.set(key, value),
    removeItem: (key: string) => void held.delete(key),
  };
}
const deck = keptAs('teacher', 'deck:eels');
const work = keptAs('student', 'work:l:p');

test('it is known what a device keeps for whom, and what of it has not reached the server', () => {
  const here = shelf();
  noteKept(deck, true, here);
  noteKept(work, false, here);
  expect([keptFor('teacher', here), keptFor('student', here)]).toEqual([[deck], [work]]);
  expect([unsavedFor('teacher', here), unsavedFor('student', here)]).toEqual([[deck], []]);
  noteKept(deck, false, here);
  expect([wasUnsaved(deck, here), unsavedFor('teacher', here)]).toEqual([false, []]);
  strikeKept([deck], here);
  expect([keptFor('teacher', here), keptFor('student', here)]).toEqual([[], [work]]);
});

test('what somebody else put on the shelf, or no room on it, breaks nothing', () => {
  const odd = { ...shelf(), getItem: () => '[not a ledger' };
  expect([keptFor('teacher', odd), wasUnsaved(deck, odd)]).toEqual([[], false]);
  const full = {
    ...shelf(),
    setItem: () => {
      throw new Error('full');
    },
  };
  noteKept(deck, true, full);
  expect(keptFor('teacher', full)).toEqual([]);
});
