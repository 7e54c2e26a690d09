import fc from 'fast-check';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, emptyWork, validateWork, putIntoZone, type Work } from '../work/index.js';
import { changedAnswers, putBackAnswers } from './index.js';

const choices = ['a', 'b', 'c'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('s')
  .item('pick', 'choice', { fields: { choices } })
  .item('word', 'blank')
  .item('other', 'blank')
  .item('eel', 'shape', { loose: true })
  .item('owl', 'shape', { loose: true })
  .item('row', 'zone', { fields: { lay: 'row' } })
  .item('box', 'zone');
const put = (work: Work, piece: string, zone: string) =>
  applyWorkChanges(work, putIntoZone(deck, work, piece, zone)?.changes ?? []);
const ids = ['pick', 'word', 'row'];

test('an answer that stays is put back, and what came with its change is kept', () => {
  const before = put({ ...emptyWork, blanks: { word: 'eel' } }, 'eel', 'row');
  const moved = put(before, 'eel', 'box');
  const after: Work = {
    ...moved,
    blanks: { word: 'owl', other: 'kept' },
    answers: { pick: { kind: 'choice', picked: ['a'] } },
  };
  expect(changedAnswers(ids, before, after, deck)).toEqual(ids);
  const repaired = applyWorkChanges(after, putBackAnswers(ids, before, after, deck));
  expect(repaired).toMatchObject({ blanks: { word: 'eel', other: 'kept' }, answers: {}, pieces: before.pieces });
});

test('whatever is done, answers that stay are as they were, the work still fits, and repairing twice changes nothing', () => {
  const state = fc.record({
    picked: fc.constantFrom<string[]>([], ['a'], ['b']),
    word: fc.constantFrom('', 'eel', 'owl'),
    moves: fc.array(fc.tuple(fc.constantFrom('eel', 'owl'), fc.constantFrom('row', 'box')), { maxLength: 4 }),
  });
  const made = ({ picked, word, moves }: { picked: string[]; word: string; moves: [string, string][] }, from: Work) =>
    moves.reduce<Work>((work, [piece, zone]) => put(work, piece, zone), {
      ...from,
      blanks: { word },
      answers: { pick: { kind: 'choice' as const, picked } },
    });
  fc.assert(
    fc.property(state, state, (first, second) => {
      const before = made(first, emptyWork);
      const after = made(second, before);
      const repaired = applyWorkChanges(after, putBackAnswers(ids, before, after, deck));
      expect(changedAnswers(ids, before, repaired, deck)).toEqual([]);
      expect(putBackAnswers(ids, before, repaired, deck)).toEqual([]);
      expect(validateWork(repaired, deck)).toEqual([]);
    }),
  );
});
