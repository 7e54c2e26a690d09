/** Viewpoint: a named region of a slide that the show travels to. */
import { readBoolean, readString } from '../model/reading.js';
import { asItIs, type ItemKind, noContents, noLengths, noTexts } from './kind.js';
import { noReferences } from '../references/reference.js';

export const viewpointKind: ItemKind<'viewpoint'> = {
  kind: 'viewpoint',
  make: (base, fields) => ({ ...base, kind: 'viewpoint', ...viewpointKind.read(fields) }),
  size: { width: 480, height: 270 },
  read: (fields) => ({
    framed: readBoolean(fields['framed'], false),
    order: typeof fields['order'] === 'string' ? readString(fields['order'], '', 200) : null,
  }),
  withoutKey: asItIs,
  words: () => '',
  isSeen: false,
  asks: false,
  gates: [],
  references: noReferences,
  texts: noTexts,
  ...noContents,
  isMissedInQuestions: false,
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};
