/** Commands on lines: writing down where they run, moving and tying their ends, bending them. */
import { bendTowards, leavesSideways, type Point, type Side } from '../../geometry/index.js';
import { applyChanges, type Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { ItemId, SlideId } from '../model/identifiers.js';
import type { Item, LineEnd, LineItem } from '../model/item.js';
import { itemsOf } from '../model/items-in-order.js';
import { courseOf, framedLine, type FrameOf, isTied, led, type Led, runsAs } from './lines.js';

/** The changes that write down where lines run after some other changes: on the slides those touch. */
export function leadLines(deck: Deck, changes: readonly Change[]): Change[] {
  const isLine = (item: Item) => item.kind === 'line';
  if (!Object.values(deck.items).some(isLine) && !changes.some((each) => each.type === 'put-item' && isLine(each.item)))
    return [];
  const next = applyChanges(deck, changes);
  const slides = new Set(changes.flatMap((change) => slideOf(next, change)));
  return [...slides].flatMap((slideId) => {
    const items = itemsOf(next, slideId);
    const frameOf: FrameOf = (id) => (next.items[id]?.slideId === slideId ? next.items[id].frame : null);
    return items.flatMap((item): Change[] => {
      if (item.kind !== 'line') return [];
      const { frame, from, to, sideways } = led(item, frameOf);
      const kept = (end: LineEnd): LineEnd =>
        end.at !== null && !frameOf(end.at) ? { ...end, at: null, side: null } : end;
      const fields: Led = { frame, from: kept(from), to: kept(to), sideways };
      const isUntied = fields.from.at !== from.at || fields.to.at !== to.at;
      return isUntied || !runsAs(item, fields) ? [{ type: 'set-item', id: item.id, fields }] : [];
    });
  });
}

function slideOf(deck: Deck, change: Change): SlideId[] {
  switch (change.type) {
    case 'put-item':
      return [change.item.slideId];
    case 'set-item':
      // What is typed moves nothing, and needs no look at the lines.
      return 'frame' in change.fields || 'from' in change.fields || 'to' in change.fields || 'bend' in change.fields
        ? [deck.items[change.id]?.slideId ?? '']
        : [];
    case 'remove-item':
      return Object.values(deck.items).flatMap((item) =>
        item.kind === 'line' && (item.from.at === change.id || item.to.at === change.id) ? [item.slideId] : [],
      );
    default:
      return [];
  }
}

/** Moves an end of a line to a point, or ties it to a side of an item. */
export function setLineEnd(
  deck: Deck,
  id: ItemId,
  which: 'from' | 'to',
  to: Point | { readonly at: ItemId; readonly side: Side | null },
): Change[] {
  const line = deck.items[id];
  if (line?.kind !== 'line') return [];
  const frameOf: FrameOf = (other) => deck.items[other]?.frame ?? null;
  if ('at' in to) return [{ type: 'set-item', id, fields: { [which]: { ...line[which], at: to.at, side: to.side } } }];
  const untied: LineItem = { ...line, [which]: { ...line[which], at: null, side: null } };
  const course = courseOf(line, frameOf);
  const from = which === 'from' ? to : course.from;
  const goal = which === 'to' ? to : course.to;
  const sideways = leavesSideways(from, goal, null);
  return [{ type: 'set-item', id, fields: framedLine(untied, { ...course, from, to: goal, sideways }) }];
}

/** Bends a line so that its middle comes as near as can be to a point. */
export function bendLine(deck: Deck, id: ItemId, point: Point): Change[] {
  const line = deck.items[id];
  if (line?.kind !== 'line') return [];
  const course = courseOf(line, (other) => deck.items[other]?.frame ?? null);
  const bend = Math.round(bendTowards(course, point));
  // Nearly unbent is unbent: nobody can hit nought by hand.
  return setLineCourse(deck, id, { bend: Math.abs(bend) < 6 ? 0 : bend });
}

/** Leads a line another way. */
export function setLineCourse(
  deck: Deck,
  id: ItemId,
  fields: Partial<Pick<LineItem, 'connectorStyle' | 'bend'>>,
): Change[] {
  const line = deck.items[id];
  if (line?.kind !== 'line') return [];
  const course = courseOf(line, (other) => deck.items[other]?.frame ?? null);
  return [{ type: 'set-item', id, fields: { ...fields, ...framedLine(line, { ...course, ...fields }) } }];
}

/** A line moved by itself lets go of what it is tied to; of items that move along it does not. */
export function lettingGo(line: LineItem, moving: (id: ItemId) => boolean): Partial<Pick<LineItem, 'from' | 'to'>> {
  const loosened = (end: LineEnd): LineEnd =>
    end.at !== null && !moving(end.at) ? { ...end, at: null, side: null } : end;
  return isTied(line) ? { from: loosened(line.from), to: loosened(line.to) } : {};
}
