/** Writing and drawing by hand on a slide, and rubbing it out again. */
import { centreOf, turnPoint } from '../../geometry/index.js';
import { heldStrokes, type InkPoint, MOST_STROKES, placedStroke, strokeIsNear } from '../ink/ink.js';
import { straightened } from '../ink/straighten.js';
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { InkItem } from '../model/item.js';
import { itemsOf } from '../model/items-in-order.js';
import { addItem, removeItems } from './items.js';

/** What one writes with. */
export type InkPen = Pick<InkItem, 'tool' | 'color' | 'weight'>;

/** What a stroke became. */
export interface Inked {
  readonly changes: readonly Change[];
  /** The item that holds it. */
  readonly itemId: ItemId;
}

/**
 * Changes that put a stroke on a slide.
 * @param before the item that the stroke before it went into, where the two belong together; it goes into a new one where
 *   that was turned, moved into the backdrop or written with another pen since
 */
export function addStroke(
  deck: Deck,
  slideId: SlideId,
  points: readonly InkPoint[],
  pen: InkPen,
  before: ItemId | null,
): Inked {
  const held = before === null ? undefined : deck.items[before];
  if (held?.kind === 'ink' && goesOn(held, slideId, pen)) {
    const { box, strokes } = heldStrokes(
      [...held.strokes.map((stroke) => placedStroke(stroke, held.frame)), points],
      pen.weight,
    );
    const fields = { frame: { ...box, rotation: 0 }, strokes };
    return { changes: [{ type: 'set-item', id: held.id, fields }], itemId: held.id };
  }
  const { box, strokes } = heldStrokes([points], pen.weight);
  const id = newId();
  const changes = addItem(deck, {
    id,
    slideId,
    kind: 'ink',
    frame: { ...box, rotation: 0 },
    fields: { ...pen, strokes },
  });
  return { changes, itemId: id };
}

function goesOn(held: InkItem, slideId: SlideId, pen: InkPen): boolean {
  return (
    held.slideId === slideId &&
    held.layer === 'slide' &&
    !held.locked &&
    held.frame.rotation === 0 &&
    held.strokes.length < MOST_STROKES &&
    held.tool === pen.tool &&
    held.color === pen.color &&
    held.weight === pen.weight
  );
}

/** Changes that put the line or shape on a slide that a stroke was meant to be; `null` where it is neither. */
export function addStraightened(
  deck: Deck,
  slideId: SlideId,
  points: readonly InkPoint[],
  { color, weight }: InkPen,
): Inked | null {
  const meant = straightened(points);
  if (!meant) return null;
  const id = newId();
  const outline = { outline: color, outlineWidth: weight };
  if (meant.is === 'line') {
    const { from, to } = meant;
    const [x, y] = [Math.min(from.x, to.x), Math.min(from.y, to.y)];
    const frame = { x, y, width: Math.abs(to.x - from.x), height: Math.abs(to.y - from.y), rotation: 0 };
    const end = (at: typeof from) => ({
      u: frame.width > 0 ? (at.x - x) / frame.width : 0.5,
      v: frame.height > 0 ? (at.y - y) / frame.height : 0.5,
      at: null,
      side: null,
      head: 'none' as const,
    });
    const fields = { ...outline, connectorStyle: 'straight' as const, from: end(from), to: end(to) };
    return { changes: addItem(deck, { id, slideId, kind: 'line', frame, fields }), itemId: id };
  }
  const shape = ({ oval: 'ellipse', rectangle: 'sharp-rectangle', triangle: 'triangle' } as const)[meant.is];
  const fields = { ...outline, shape, fill: 'transparent' };
  const frame = { ...meant.box, rotation: 0 };
  return { changes: addItem(deck, { id, slideId, kind: 'shape', frame, fields }), itemId: id };
}

/**
 * Changes that rub out what ink of a slide comes near a place: stroke by stroke, and an item with its last stroke. What is
 * locked or in the backdrop stays.
 * @param reach how near, in slide units
 */
export function rubOut(deck: Deck, slideId: SlideId, x: number, y: number, reach: number): readonly Change[] {
  const gone: ItemId[] = [];
  const changes: Change[] = [];
  for (const item of itemsOf(deck, slideId)) {
    if (item.kind !== 'ink' || item.locked || item.hidden || item.layer === 'backdrop') continue;
    // Ink that was turned is looked at unturned.
    const at = turnPoint({ x, y }, centreOf(item.frame), -item.frame.rotation);
    const points = item.strokes.map((stroke) => placedStroke(stroke, item.frame));
    const left = points.filter((each) => !strokeIsNear(each, at.x, at.y, reach + item.weight / 2));
    if (left.length === points.length) continue;
    if (left.length === 0) gone.push(item.id);
    else if (item.frame.rotation === 0) {
      const { box, strokes } = heldStrokes(left, item.weight);
      changes.push({ type: 'set-item', id: item.id, fields: { frame: { ...box, rotation: 0 }, strokes } });
    } else {
      // Its frame stays, so that it does not move while it is turned.
      const strokes = item.strokes.filter((_, place) => left.includes(points[place] ?? []));
      changes.push({ type: 'set-item', id: item.id, fields: { strokes } });
    }
  }
  return gone.length > 0 ? [...changes, ...removeItems(deck, gone)] : changes;
}
