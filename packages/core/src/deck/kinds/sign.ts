/** Sign: a drawing of a few lines, which it carries, or a sticker, by its name in the collection that comes along. */
import { readColour } from '../appearance/colour.js';
import { readNumber, readString, readStrings } from '../model/reading.js';
import { asItIs, INK, type ItemKind, noContents, noLengths, noTexts } from './kind.js';
import { noReferences } from '../references/reference.js';

/** Path data and nothing else: what a sign draws is put into a page. */
const PATH = /^[MmLlHhVvCcSsQqTtAaZz0-9eE\s.,+-]+$/;

/** Names of stickers are code points in hexadecimal, joined by dashes. */
const STICKER = /^[0-9a-f]{2,6}(-[0-9a-f]{2,6}){0,9}$/;

/** The lines of a sign as path data; anything else is left out. */
export function readSignStrokes(value: unknown): readonly string[] {
  return readStrings(value, 2000, 40).filter((stroke) => PATH.test(stroke));
}

export const signKind: ItemKind<'sign'> = {
  kind: 'sign',
  make: (base, fields) => ({ ...base, kind: 'sign', ...signKind.read(fields) }),
  size: { width: 160, height: 160 },
  read: (fields) => ({
    shows: readString(fields['shows'], '', 120),
    strokes: readSignStrokes(fields['strokes']),
    sticker: STICKER.test(String(fields['sticker'])) ? String(fields['sticker']) : '',
    color: readColour(fields['color'], INK),
    weight: readNumber(fields['weight'], 2, 0.5, 4),
  }),
  withoutKey: asItIs,
  words: (item) => item.shows,
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: noTexts,
  ...noContents,
  isMissedInQuestions: false,
  carriesLink: true,
  canBeLoose: true,
  ...noLengths,
};
