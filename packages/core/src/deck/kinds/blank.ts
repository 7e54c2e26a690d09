/** Blank: a text field that students fill in, or choose the words for from a list. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { readNumber, readStrings } from '../model/reading.js';
import { filledIn, type ItemKind, readWordCare } from './kind.js';

const MOST_OPTIONS = 20;

export const blankKind: ItemKind<'blank'> = {
  kind: 'blank',
  make: (base, fields) => ({ ...base, kind: 'blank', ...blankKind.read(fields) }),
  size: { width: 220, height: 52 },
  read: (fields) => ({
    ...readAsking(fields),
    ...readWordCare(fields),
    size: readNumber(fields['size'], 24, 8, 200),
    options: readStrings(fields['options'], 200, MOST_OPTIONS),
    accepted: readStrings(fields['accepted']),
  }),
  withoutKey: (item) => ({ ...askingWithoutKey(item), accepted: [] }),
  words: () => '',
  ...filledIn,
  asks: true,
  gates: ['answered', 'right'],
  scaled: ({ size }, factor) => ({ size: size * factor }),
};
