import { addSlide, applyChanges, emptyDeck, itemsOf } from '@gobrel/core/deck';
import { isQuestion, markItem } from '@gobrel/core/questions';
import { emptyWork } from '@gobrel/core/work';
import { messages } from '../../../shared/messages';
import { placeQuestion, startGroups } from './starts';

const slideId = 'tides';
const deck = applyChanges(emptyDeck('Tides'), addSlide(emptyDeck('Tides'), { id: slideId, name: 'Tides' }));
const offered = startGroups.flatMap(([, starts]) => starts);

test('every beginning there are words for is offered, once', () => {
  expect([...offered].sort()).toEqual(Object.keys(messages.questions.starts).sort());
});

test.each(offered)('“%s” places a question that can be answered at once', (start) => {
  const { changes, itemId } = placeQuestion(deck, slideId, start);
  const made = applyChanges(deck, changes);
  const item = made.items[itemId];
  expect(item && isQuestion(item)).toBe(true);
  expect(item?.slideId).toBe(slideId);
  if (item) expect(() => markItem(item, emptyWork, made)).not.toThrow();
});

test('every kind of question begins as something, and several kinds as more than one thing', () => {
  const kinds = offered.map((start) => {
    const { changes, itemId } = placeQuestion(deck, slideId, start);
    return applyChanges(deck, changes).items[itemId]?.kind;
  });
  expect(new Set(kinds).size).toBe(9);
});

test('a choice begins with choices of its own and a key that is among them', () => {
  const { changes } = placeQuestion(deck, slideId, 'several');
  const item = itemsOf(applyChanges(deck, changes), slideId).find(({ kind }) => kind === 'choice');
  if (item?.kind !== 'choice') throw new Error('no choice');
  const ids = item.choices.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(item.right.every((id) => ids.includes(id))).toBe(true);
});
