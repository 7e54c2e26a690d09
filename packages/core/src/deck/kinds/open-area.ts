/** Open area: a region in which students may add texts of their own. */
import { readString } from '../model/reading.js';
import { asItIs, type ItemKind, noContents, noLengths, noTexts } from './kind.js';
import { noReferences } from '../references/reference.js';

export const openAreaKind: ItemKind<'open-area'> = {
  kind: 'open-area',
  make: (base, fields) => ({ ...base, kind: 'open-area', ...openAreaKind.read(fields) }),
  size: { width: 480, height: 260 },
  read: (fields) => ({ hint: readString(fields['hint'], '', 200) }),
  withoutKey: asItIs,
  words: (item) => item.hint,
  isSeen: true,
  asks: true,
  gates: [],
  references: noReferences,
  texts: noTexts,
  ...noContents,
  missedInQuestions: '',
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};
