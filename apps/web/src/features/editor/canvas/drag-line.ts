/** Dragging an end or the middle of a line: where it would be, and the changes that put it there. */
import {
  applyChanges,
  bendLine,
  type Change,
  type Deck,
  type ItemId,
  itemsOf,
  leadLines,
  type LineItem,
  setLineEnd,
} from '@gobrel/core/deck';
import { containsPoint, nearestSide, type Point } from '@gobrel/core/geometry';

/** What of a line is dragged. */
export type LineGrip = { readonly kind: 'line-end'; readonly which: 'from' | 'to' } | { readonly kind: 'line-middle' };

/** A larger item than this part of the slide is ground to draw on, not something to tie to. */
const LARGEST = 0.6;

/** The changes that bring an end or the middle of a line to a point; an end over an item is tied to it. */
export function draggedLine(
  deck: Deck,
  id: ItemId,
  grip: LineGrip,
  to: Point,
  options: { readonly tie: boolean; readonly slide: { readonly width: number; readonly height: number } },
): Change[] {
  if (grip.kind === 'line-middle') return bendLine(deck, id, to);
  const line = deck.items[id];
  const under = options.tie && line ? itemUnder(deck, line.slideId, to, options.slide) : null;
  const other = line?.kind === 'line' ? line[grip.which === 'from' ? 'to' : 'from'].at : null;
  if (!under || under.id === other) return setLineEnd(deck, id, grip.which, to);
  return setLineEnd(deck, id, grip.which, { at: under.id, side: nearestSide(under.frame, to) });
}

/** The line as it would be after some changes. */
export function lineAfter(deck: Deck, id: ItemId, changes: readonly Change[]): LineItem | null {
  const after = applyChanges(deck, [...changes, ...leadLines(deck, changes)]).items[id];
  return after?.kind === 'line' ? after : null;
}

function itemUnder(deck: Deck, slideId: string, point: Point, slide: { width: number; height: number }) {
  return itemsOf(deck, slideId).findLast(
    (item) =>
      item.kind !== 'line' &&
      !item.hidden &&
      item.frame.width * item.frame.height < slide.width * slide.height * LARGEST &&
      containsPoint(item.frame, point),
  );
}
