/** Commands that put items in line: aligning and distributing, with groups as wholes. */
import { type Box, boundsOfAll, moveFrame } from '../../geometry/index.js';
import type { Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import type { ItemId } from '../model/identifiers.js';
import { unitsAmong } from './groups.js';
import { setFrames } from './items.js';

/** What is brought into line. */
export type Alignment = 'left' | 'centre' | 'right' | 'top' | 'middle' | 'bottom';

/** Along which way things are distributed. */
export type Axis = 'across' | 'down';

/** Something that moves as one, and the box around it. */
interface Whole {
  readonly ids: readonly ItemId[];
  readonly box: Box;
}

function wholesAmong(deck: Deck, ids: readonly ItemId[]): readonly Whole[] {
  return unitsAmong(deck, ids).flatMap((unit) => {
    const box = boundsOfAll(unit.ids.flatMap((id) => deck.items[id]?.frame ?? []));
    return box ? [{ ids: unit.ids, box }] : [];
  });
}

function shiftWhole(deck: Deck, whole: Whole, dx: number, dy: number): Change[] {
  const frames = whole.ids.flatMap((id) => {
    const item = deck.items[id];
    return item ? [[id, moveFrame(item.frame, dx, dy)] as const] : [];
  });
  return dx === 0 && dy === 0 ? [] : setFrames(deck, Object.fromEntries(frames));
}

/** Aligns several things with one another, or a single one with the slide. */
export function alignItems(deck: Deck, ids: readonly ItemId[], to: Alignment): Change[] {
  const wholes = wholesAmong(deck, ids);
  const around = wholes.length === 1 ? { x: 0, y: 0, ...sizeOf(deck) } : boundsAround(wholes);
  if (!around) return [];
  return wholes.flatMap((whole) => {
    const { box } = whole;
    switch (to) {
      case 'left':
        return shiftWhole(deck, whole, around.x - box.x, 0);
      case 'centre':
        return shiftWhole(deck, whole, around.x + (around.width - box.width) / 2 - box.x, 0);
      case 'right':
        return shiftWhole(deck, whole, around.x + around.width - box.width - box.x, 0);
      case 'top':
        return shiftWhole(deck, whole, 0, around.y - box.y);
      case 'middle':
        return shiftWhole(deck, whole, 0, around.y + (around.height - box.height) / 2 - box.y);
      case 'bottom':
        return shiftWhole(deck, whole, 0, around.y + around.height - box.height - box.y);
    }
  });
}

/** Makes the gaps between three or more things equal; the outermost stay where they are. */
export function distributeItems(deck: Deck, ids: readonly ItemId[], way: Axis): Change[] {
  const start = (box: Box) => (way === 'across' ? box.x : box.y);
  const size = (box: Box) => (way === 'across' ? box.width : box.height);
  const wholes = [...wholesAmong(deck, ids)].sort((a, b) => start(a.box) - start(b.box));
  const [first, last] = [wholes[0], wholes.at(-1)];
  if (!first || !last || wholes.length < 3) return [];
  const room = start(last.box) + size(last.box) - start(first.box);
  const gap = (room - wholes.reduce((sum, whole) => sum + size(whole.box), 0)) / (wholes.length - 1);
  let next = start(first.box);
  return wholes.flatMap((whole) => {
    const shift = next - start(whole.box);
    next += size(whole.box) + gap;
    return way === 'across' ? shiftWhole(deck, whole, shift, 0) : shiftWhole(deck, whole, 0, shift);
  });
}

function boundsAround(wholes: readonly Whole[]): Box | null {
  return boundsOfAll(wholes.map(({ box }) => ({ ...box, rotation: 0 })));
}
