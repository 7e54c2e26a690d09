/** Short text: a question answered in a few words. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { readString, readStrings } from '../model/reading.js';
import { filledIn, type ItemKind, readWordCare } from './kind.js';

export const shortTextKind: ItemKind<'short-text'> = {
  kind: 'short-text',
  make: (base, fields) => ({ ...base, kind: 'short-text', ...shortTextKind.read(fields) }),
  size: { width: 560, height: 180 },
  read: (fields) => ({
    ...readAsking(fields),
    ...readWordCare(fields),
    prompt: readString(fields['prompt'], ''),
    accepted: readStrings(fields['accepted']),
  }),
  withoutKey: (item) => ({ ...askingWithoutKey(item), accepted: [] }),
  words: (item) => item.prompt,
  ...filledIn,
  asks: true,
  gates: ['answered', 'right'],
};
