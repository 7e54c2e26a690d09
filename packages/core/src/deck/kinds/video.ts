/** Video: a stored file that is played where it stands, and the picture that is seen before. */
import type { VideoItem } from '../model/item.js';
import { readBoolean, readString } from '../model/reading.js';
import { noReferences } from '../references/reference.js';
import { asItIs, type ItemKind, noLengths, noTexts, readPictureId, type StoredContent } from './kind.js';

export const videoKind: ItemKind<'video'> = {
  kind: 'video',
  make: (base, fields) => ({ ...base, kind: 'video', ...videoKind.read(fields) }),
  size: { width: 640, height: 360 },
  read: (fields) => ({
    file: readPictureId(fields['file']),
    fileName: readString(fields['fileName'], '', 200),
    poster: readPictureId(fields['poster']),
    alt: readString(fields['alt'], '', 500),
    controls: readBoolean(fields['controls'], true),
  }),
  withoutKey: asItIs,
  words: ({ alt, fileName }) => alt || fileName,
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: noTexts,
  contents: ({ file, poster }) => [...stored('file', file), ...stored('picture', poster)],
  withoutContents,
  isMissedInQuestions: true,
  // A press on it plays it.
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};

function stored(as: StoredContent['as'], id: string): readonly StoredContent[] {
  return id === '' ? [] : [{ as, id }];
}

/** Without its file nothing is left of it; without its poster it begins with its own first picture. */
function withoutContents(item: VideoItem, gone: ReadonlySet<string>): VideoItem | null {
  if (gone.has(item.file)) return null;
  return gone.has(item.poster) ? { ...item, poster: '' } : item;
}
