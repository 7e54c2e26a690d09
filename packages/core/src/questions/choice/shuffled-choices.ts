/** The order in which a student sees the choices of a question. */
import type { Choice, ChoiceItem } from '../../deck/index.js';

/**
 * The choices in an order that depends on the question and the student alone, so that it stays the same whenever they
 * come back; as they were written when the question is not shuffled or there is no student.
 * @param who anything that tells students apart; '' for nobody
 */
export function choicesFor(item: ChoiceItem, who: string): readonly Choice[] {
  if (!item.shuffled || who === '') return item.choices;
  return item.choices
    .map((choice) => ({ choice, place: hash(`${who} ${item.id} ${choice.id}`) }))
    .sort((a, b) => a.place - b.place || (a.choice.id < b.choice.id ? -1 : 1))
    .map(({ choice }) => choice);
}

/** FNV-1a with 32 bits (Fowler, Noll, Vo), mixed once more so that like words come to lie apart. */
function hash(words: string): number {
  let value = 0x811c9dc5;
  for (let at = 0; at < words.length; at += 1) value = Math.imul(value ^ words.charCodeAt(at), 0x01000193);
  value = Math.imul(value ^ (value >>> 16), 0x85ebca6b);
  return (value ^ (value >>> 13)) >>> 0;
}
