/** Web card: where a link to the web leads, with its title, its address, a picture, and a code for cameras. */
import { readBoolean, readString } from '../model/reading.js';
import { noReferences } from '../references/reference.js';
import { asItIs, groundContents, type ItemKind, noLengths, noTexts, readPictureId, readPixels } from './kind.js';

export const webCardKind: ItemKind<'web-card'> = {
  kind: 'web-card',
  make: (base, fields) => ({ ...base, kind: 'web-card', ...webCardKind.read(fields) }),
  size: { width: 560, height: 180 },
  read: (fields) => ({
    title: readString(fields['title'], '', 200),
    note: readString(fields['note'], '', 300),
    picture: readPictureId(fields['picture']),
    pixels: readPixels(fields['pixels']),
    hasCode: readBoolean(fields['hasCode'], true),
  }),
  withoutKey: asItIs,
  words: ({ title, note }) => [title, note].filter(Boolean).join('\n'),
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: noTexts,
  ...groundContents,
  isMissedInQuestions: true,
  carriesLink: true,
  canBeLoose: false,
  ...noLengths,
};
