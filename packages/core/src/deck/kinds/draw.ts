/** Draw: a question answered by drawing, on a picture or an empty ground. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { readString } from '../model/reading.js';
import { groundContents, type ItemKind, noLengths, noTexts, readPictureId, readPixels } from './kind.js';
import { noReferences } from '../references/reference.js';

export const drawKind: ItemKind<'draw'> = {
  kind: 'draw',
  make: (base, fields) => ({ ...base, kind: 'draw', ...drawKind.read(fields) }),
  size: { width: 720, height: 460 },
  read: (fields) => ({
    ...readAsking(fields),
    prompt: readString(fields['prompt'], ''),
    picture: readPictureId(fields['picture']),
    pixels: readPixels(fields['pixels']),
    alt: readString(fields['alt'], '', 500),
  }),
  withoutKey: askingWithoutKey,
  words: (item) => item.prompt,
  isSeen: true,
  asks: true,
  gates: ['answered'],
  references: noReferences,
  texts: noTexts,
  ...groundContents,
  missedInQuestions: '',
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};
