/** The texts of a slide: where each stands, how high it is, and how large its letters are in the end. */
import {
  cellsOf,
  type Item,
  lettersOf,
  type RichText,
  runsOf,
  shapeRoom,
  type TextLook,
  type Theme,
} from '../../deck/index.js';
import type { Box } from '../../geometry/index.js';
import { roomOf } from './letter-room.js';

/** A text that stands on a slide. */
export interface PlacedWords {
  readonly item: Item;
  readonly text: RichText;
  readonly look: TextLook;
  /** The box that it has, in the item's own frame unturned, in slide units. */
  readonly box: Box;
  /** How high and wide its letters are as they are set, at the size they have in the end. */
  readonly height: number;
  readonly width: number;
  /** The part of their size to which letters shrink; 1 where they do not. */
  readonly part: number;
  /** The smallest letters, in slide units, in the end. */
  readonly smallest: number;
}

/** Letters shrink to this part of their size at the least. */
const SMALLEST_PART = 0.25;
/** Tails of letters may hang this far out of their box, in letter sizes. */
export const HANGING = 0.3;
const STEPS = 7;

/** The texts of an item as it is drawn, but empty ones. */
export function placedWordsOf(item: Item, theme: Theme): readonly PlacedWords[] {
  const { frame } = item;
  if (item.kind === 'text') return placed(item, item.text, item.look, frame, theme);
  if (item.kind === 'shape') {
    const room = shapeRoom(item.shape);
    const box = {
      x: frame.x + room.x * frame.width,
      y: frame.y + room.y * frame.height,
      width: room.width * frame.width,
      height: room.height * frame.height,
    };
    return placed(item, item.text, item.look, box, theme);
  }
  if (item.kind === 'table')
    return cellsOf(item).flatMap(({ text, box }) => {
      const at = { ...box, x: frame.x + box.x, y: frame.y + box.y };
      return placed(item, text, { ...item.look, fit: 'leave' }, at, theme);
    });
  return [];
}

function placed(item: Item, text: RichText, look: TextLook, box: Box, theme: Theme): readonly PlacedWords[] {
  if (lettersOf(text).trim() === '' || box.width <= 0) return [];
  const measure = (part: number) => roomOf(text, look, theme, box.width, part, item.formulas);
  const fits = (part: number) => measure(part).height <= box.height + look.size * HANGING;
  const part = look.fit !== 'shrink' || fits(1) ? 1 : largestPart(fits);
  const sizes = runsOf(text).flatMap(({ text: letters, marks = [] }) => {
    if (letters.trim() === '') return [];
    const own = marks.flatMap((mark) => (mark.type === 'textStyle' ? (mark.attrs.fontSize ?? []) : []));
    return [own[0] ?? look.size];
  });
  return [{ item, text, look, box, ...measure(part), part, smallest: Math.min(...sizes) * part }];
}

/** The largest part at which a text has room, within a hundredth: as slides are drawn. */
function largestPart(fits: (part: number) => boolean): number {
  let [least, most] = [SMALLEST_PART, 1];
  for (let step = 0; step < STEPS; step += 1) {
    const middle = (least + most) / 2;
    if (fits(middle)) least = middle;
    else most = middle;
  }
  return least;
}
