/** Choice: a question with lettered choices. */
import { isId } from '../identifiers.js';
import { readBoolean, readFields, readString, readStrings } from '../reading.js';
import { type ItemKind, readPoints } from './kind.js';

const MOST_CHOICES = 12;

export const choiceKind: ItemKind<'choice'> = {
  kind: 'choice',
  size: { width: 640, height: 340 },
  read: (fields) => {
    const listed = Array.isArray(fields['choices']) ? fields['choices'] : [];
    const choices = listed.slice(0, MOST_CHOICES).flatMap((entry) => {
      const choice = readFields(entry);
      return isId(choice?.['id']) ? [{ id: choice['id'], text: readString(choice['text'], '', 300) }] : [];
    });
    return {
      prompt: readString(fields['prompt'], ''),
      choices,
      several: readBoolean(fields['several'], false),
      right: readStrings(fields['right'], 40).filter((id) => choices.some((choice) => choice.id === id)),
      points: readPoints(fields['points']),
    };
  },
  withoutKey: (item) => ({ ...item, right: [] }),
  words: (item) => item.prompt,
  asks: true,
};
