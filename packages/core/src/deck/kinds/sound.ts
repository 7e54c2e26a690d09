/** Sound: a stored file that is heard where it stands, or along several slides. */
import { readMediaFields } from '../media/index.js';
import { readNumber, readString, readBoolean } from '../model/reading.js';
import type { SoundItem } from '../model/item.js';
import type { KindReferences } from '../references/reference.js';
import { asItIs, contentsOfFile, type ItemKind, noLengths, noTexts } from './kind.js';

export const soundKind: ItemKind<'sound'> = {
  kind: 'sound',
  make: (base, fields) => ({ ...base, kind: 'sound', ...soundKind.read(fields) }),
  size: { width: 480, height: 84 },
  read: (fields) => ({
    ...readMediaFields(fields),
    along: typeof fields['along'] === 'string' ? readString(fields['along'], '', 100) : null,
    fades: readNumber(fields['fades'], 0, 0, 10),
    yields: readBoolean(fields['yields'], true),
  }),
  withoutKey: asItIs,
  words: ({ alt, fileName }) => alt || fileName,
  isSeen: true,
  asks: false,
  gates: [],
  references: alongReferences(),
  texts: noTexts,
  contents: contentsOfFile,
  withoutContents: (item, gone) => (gone.has(item.file) ? null : item),
  isMissedInQuestions: true,
  // A press on it plays it.
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};

/** The last slide that it is heard on. */
function alongReferences(): KindReferences<SoundItem> {
  return {
    of: ({ along }) => (along === null ? [] : [{ to: 'slide', id: along, by: 'along' }]),
    map: (item, { slide }) => (item.along === null ? item : { ...item, along: slide(item.along) }),
  };
}
