/** Long text: a question answered at length, with a count of words. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { readNumber, readString } from '../model/reading.js';
import { filledIn, type ItemKind } from './kind.js';

const MOST_WORDS = 2000;

export const longTextKind: ItemKind<'long-text'> = {
  kind: 'long-text',
  make: (base, fields) => ({ ...base, kind: 'long-text', ...longTextKind.read(fields) }),
  size: { width: 720, height: 360 },
  read: (fields) => ({
    ...readAsking(fields),
    prompt: readString(fields['prompt'], ''),
    leastWords: Math.round(readNumber(fields['leastWords'], 0, 0, MOST_WORDS)),
    mostWords: Math.round(readNumber(fields['mostWords'], 0, 0, MOST_WORDS)),
    model: readString(fields['model'], '', 5000),
  }),
  withoutKey: (item) => ({ ...askingWithoutKey(item), model: '' }),
  words: (item) => item.prompt,
  ...filledIn,
  asks: true,
  gates: ['answered'],
};
