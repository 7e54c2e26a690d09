/** Shape: an outline, with or without words in it. */
import { boxProperties, type BoxStyleName, boxStyleNames } from '../appearance/box-look.js';
import { readColour } from '../appearance/colour.js';
import { readNames, readNumber, readOneOf } from '../model/reading.js';
import { lettersOf, readRichText, scaleLetters } from '../text/rich-text.js';
import { shapeNames } from '../appearance/shapes.js';
import {
  asItIs,
  INK,
  type ItemKind,
  noContents,
  noLengths,
  oneText,
  PLAIN_LOOK,
  readDash,
  readLook,
  scaledLook,
} from './kind.js';
import { noReferences } from '../references/reference.js';

export const shapeKind: ItemKind<'shape'> = {
  kind: 'shape',
  make: (base, fields) => ({ ...base, kind: 'shape', ...shapeKind.read(fields) }),
  size: { width: 240, height: 120 },
  read: (fields) => ({
    shape: readOneOf(fields['shape'], shapeNames, 'rectangle'),
    fill: readColour(fields['fill'], 'ground'),
    outline: readColour(fields['outline'], INK),
    outlineWidth: readNumber(fields['outlineWidth'], 2, 0, 40),
    dash: readDash(fields['dash']),
    opacity: readNumber(fields['opacity'], 1, 0, 1),
    text: readRichText(fields['text']),
    look: readLook(fields['look'], { ...PLAIN_LOOK, size: 24, align: 'center', upright: 'middle' }),
    boxStyle: readOneOf<BoxStyleName | null>(fields['boxStyle'], [...boxStyleNames, null], null),
    own: readNames(fields['own'], boxProperties),
  }),
  withoutKey: asItIs,
  words: (item) => lettersOf(item.text).trim(),
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: oneText,
  ...noContents,
  isMissedInQuestions: false,
  carriesLink: true,
  canBeLoose: true,
  ...noLengths,
  scaled: ({ look, text }, factor) => ({ look: scaledLook(look, factor), text: scaleLetters(text, factor) }),
};
