/** Video: a stored file that is played where it stands, and the picture that is seen before. */
import type { VideoItem } from '../model/item.js';
import { readMediaFields } from '../media/index.js';
import { noReferences } from '../references/reference.js';
import { asItIs, contentsOfFile, contentsOfPicture, type ItemKind, noLengths, noTexts, readPictureId } from './kind.js';

export const videoKind: ItemKind<'video'> = {
  kind: 'video',
  make: (base, fields) => ({ ...base, kind: 'video', ...videoKind.read(fields) }),
  size: { width: 640, height: 360 },
  read: (fields) => ({
    ...readMediaFields(fields),
    poster: readPictureId(fields['poster']),
  }),
  withoutKey: asItIs,
  words: ({ alt, fileName }) => alt || fileName,
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: noTexts,
  contents: ({ file, poster }) => [...contentsOfFile({ file }), ...contentsOfPicture({ picture: poster })],
  withoutContents,
  isMissedInQuestions: true,
  // A press on it plays it.
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};

/** Without its file nothing is left of it; without its poster it begins with its own first picture. */
function withoutContents(item: VideoItem, gone: ReadonlySet<string>): VideoItem | null {
  if (gone.has(item.file)) return null;
  return gone.has(item.poster) ? { ...item, poster: '' } : item;
}
