/** Table: rows and columns with words in their cells. */
import { tableProperties } from '../appearance/theme-table.js';
import { readColour } from '../appearance/colour.js';
import { readBoolean, readNames, readNumber, readOneOf } from '../model/reading.js';
import { lettersOf, scaleLetters } from '../text/rich-text.js';
import { cellsOf, readTableFields } from '../tables/table.js';
import { tableHeadings } from '../tables/table-fields.js';
import {
  asItIs,
  INK,
  type ItemKind,
  noContents,
  noLengths,
  PLAIN_LOOK,
  readDash,
  readLook,
  scaledLook,
} from './kind.js';
import { noReferences } from '../references/reference.js';

export const tableKind: ItemKind<'table'> = {
  kind: 'table',
  make: (base, fields) => ({ ...base, kind: 'table', ...tableKind.read(fields) }),
  size: { width: 840, height: 216 },
  read: (fields) => ({
    ...readTableFields(fields),
    headings: readOneOf(fields['headings'], tableHeadings, 'row'),
    look: readLook(fields['look'], { ...PLAIN_LOOK, size: 24, upright: 'middle', fit: 'grow' }),
    fill: readColour(fields['fill'], 'ground'),
    headingFill: readColour(fields['headingFill'], INK),
    headingColor: readColour(fields['headingColor'], 'ground'),
    outline: readColour(fields['outline'], INK),
    outlineWidth: readNumber(fields['outlineWidth'], 2, 0, 40),
    dash: readDash(fields['dash']),
    opacity: readNumber(fields['opacity'], 1, 0, 1),
    byTheme: readBoolean(fields['byTheme'], false),
    own: readNames(fields['own'], tableProperties),
  }),
  withoutKey: asItIs,
  words: (item) =>
    cellsOf(item)
      .map(({ text }) => lettersOf(text).trim())
      .filter((words) => words !== '')
      .join('\n'),
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: cellsOf,
  ...noContents,
  isMissedInQuestions: false,
  carriesLink: true,
  canBeLoose: true,
  ...noLengths,
  scaled: (item, factor) => ({
    look: scaledLook(item.look, factor),
    ...Object.fromEntries(cellsOf(item).map(({ field, text }) => [field, scaleLetters(text, factor)])),
  }),
};
