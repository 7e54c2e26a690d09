/** Hotspot: an invisible area that carries a link. */
import { readOneOf } from '../model/reading.js';
import { shapeNames } from '../appearance/shapes.js';
import { asItIs, type ItemKind, noContents, noLengths, noTexts } from './kind.js';
import { noReferences } from '../references/reference.js';

export const hotspotKind: ItemKind<'hotspot'> = {
  kind: 'hotspot',
  make: (base, fields) => ({ ...base, kind: 'hotspot', ...hotspotKind.read(fields) }),
  size: { width: 200, height: 140 },
  read: (fields) => ({ shape: readOneOf(fields['shape'], shapeNames, 'rectangle') }),
  withoutKey: asItIs,
  words: () => '',
  isSeen: false,
  asks: false,
  gates: [],
  references: noReferences,
  texts: noTexts,
  ...noContents,
  isMissedInQuestions: false,
  carriesLink: true,
  canBeLoose: false,
  ...noLengths,
};
