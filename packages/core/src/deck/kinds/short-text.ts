/** Short text: a question answered in a few words. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { readString, readStrings } from '../model/reading.js';
import { type ItemKind, noContents, noLengths, noTexts, readWordCare } from './kind.js';
import { noReferences } from '../references/reference.js';

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
  isSeen: true,
  asks: true,
  gates: ['answered', 'right'],
  references: noReferences,
  texts: noTexts,
  ...noContents,
  missedInQuestions: '',
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};
