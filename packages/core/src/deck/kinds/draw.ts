/** Draw: a question answered by drawing, on a picture or an empty ground. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { readString } from '../model/reading.js';
import { filledIn, groundContents, type ItemKind, readPictureId, readPixels } from './kind.js';

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
  ...filledIn,
  asks: true,
  gates: ['answered'],
  ...groundContents,
};
