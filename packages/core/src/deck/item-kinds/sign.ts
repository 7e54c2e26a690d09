/** Sign: a drawing of a few lines, or a sticker; both carry what draws them, so that a deck needs no collection. */
import { readColour } from '../colour.js';
import { readNumber, readString, readStrings } from '../reading.js';
import { asItIs, INK, type ItemKind } from './kind.js';

/** Path data and nothing else: what a sign draws is put into a page. */
const PATH = /^[MmLlHhVvCcSsQqTtAaZz0-9eE\s.,+-]+$/;

export const signKind: ItemKind<'sign'> = {
  kind: 'sign',
  size: { width: 160, height: 160 },
  read: (fields) => ({
    shows: readString(fields['shows'], '', 120),
    strokes: readStrings(fields['strokes'], 2000, 40).filter((stroke) => PATH.test(stroke)),
    character: readString(fields['character'], '', 16),
    color: readColour(fields['color'], INK),
    weight: readNumber(fields['weight'], 2, 0.5, 4),
  }),
  withoutKey: asItIs,
  words: (item) => item.shows,
  asks: false,
};
