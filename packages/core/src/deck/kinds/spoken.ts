/** Spoken: a question answered by speaking into the microphone. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { readNumber, readString } from '../model/reading.js';
import { filledIn, type ItemKind } from './kind.js';

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
  ...filledIn,
  asks: true,
  gates: ['answered'],
};
