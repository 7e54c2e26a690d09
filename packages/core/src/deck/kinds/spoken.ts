/** Spoken: a question answered by speaking into the microphone. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { readNumber, readString } from '../model/reading.js';
import { type ItemKind, noContents, noLengths, noTexts } from './kind.js';
import { noReferences } from '../references/reference.js';

export const spokenKind: ItemKind<'spoken'> = {
  kind: 'spoken',
  make: (base, fields) => ({ ...base, kind: 'spoken', ...spokenKind.read(fields) }),
  size: { width: 480, height: 200 },
  read: (fields) => ({
    ...readAsking(fields),
    prompt: readString(fields['prompt'], ''),
    longest: Math.round(readNumber(fields['longest'], 30, 5, 60)),
  }),
  withoutKey: askingWithoutKey,
  words: (item) => item.prompt,
  isSeen: true,
  asks: true,
  gates: ['answered'],
  references: noReferences,
  texts: noTexts,
  ...noContents,
  missedInQuestions: '',
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};
