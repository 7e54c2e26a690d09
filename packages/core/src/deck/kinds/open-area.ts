/** Open area: a region in which students may add texts of their own. */
import { readString } from '../model/reading.js';
import { asItIs, filledIn, type ItemKind } from './kind.js';

export const openAreaKind: ItemKind<'open-area'> = {
  kind: 'open-area',
  make: (base, fields) => ({ ...base, kind: 'open-area', ...openAreaKind.read(fields) }),
  size: { width: 480, height: 260 },
  read: (fields) => ({ hint: readString(fields['hint'], '', 200) }),
  withoutKey: asItIs,
  words: (item) => item.hint,
  ...filledIn,
  asks: true,
  gates: [],
};
