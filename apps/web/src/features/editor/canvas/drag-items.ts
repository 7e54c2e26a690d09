/** Dragging what is selected: moving it, or resizing and turning it by a handle. */
import {
  applyChanges,
  type Deck,
  duplicateItems,
  isMovable,
  type ItemId,
  itemsOf,
  newId,
  setFrames,
  type SlideId,
  sizeOf,
} from '@gobrel/core/deck';
import { boundsOf, boundsOfAll, type Frame, snapTargets } from '@gobrel/core/geometry';
import { linksFrom } from '@gobrel/core/routes';
import type { Dragging } from '@gobrel/slide-view';
import { select, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { clearDragPreview, showGuides, useDragPreview } from './drag-preview';
import type { Press } from './drag-surface';
import { draggedFrames, type DragModifiers, type FrameGrip } from './dragged-frames';
import { Move } from './moving';

/** How near things must come to be drawn in, in CSS pixels. */
const REACH = 6;
/** Width of the grid's squares, in slide units. */
const GRID = 20;

/** Moves what is selected; with Alt, a copy of it. */
export function dragItems({ deck, editing, slideId, scale, canvas }: Press): Dragging {
  let move: Move | null = null;
  const begun = () => {
    const before = selectedFrames(deck);
    const around = boundsOfAll(Object.values(before));
    const ids = Object.keys(before);
    const lead = hasTiedLines(deck, slideId, ids) || carryLinks(deck, slideId, ids);
    return around && new Move({ before, around, canvas, lead, snap: snapBeside(deck, slideId, ids, scale), scale });
  };
  const end = () => {
    move?.end();
    clearDragPreview();
  };
  return {
    move: (at, by) => {
      move ??= begun();
      move?.to(at, by);
    },
    drop: (at) => {
      end();
      if (!move) return;
      if (at.altKey) placeCopies(editing, move.frames);
      else editing.run(setFrames(editing.deck, move.frames));
    },
    breakOff: end,
  };
}

/** Resizes or turns what is selected by a handle of the frame around it. */
export function resizeItems({ deck, editing, slideId, scale, from, pointAt }: Press, grip: FrameGrip): Dragging {
  const before = selectedFrames(deck);
  const snap = snapBeside(deck, slideId, Object.keys(before), scale);
  const inProportion = Object.keys(before).some((id) => deck.items[id]?.kind === 'picture');
  const draggedTo = (at: PointerEvent) =>
    draggedFrames(before, grip, from, pointAt(at), {
      exact: at.shiftKey,
      inProportion,
      fromCentre: at.altKey,
      snap: at.ctrlKey || at.metaKey ? null : snap,
    });
  return {
    move: (at) => {
      const { frames, guides } = draggedTo(at);
      showGuides(guides);
      useDragPreview.setState({ frames });
    },
    drop: (at) => {
      clearDragPreview();
      editing.run(setFrames(editing.deck, draggedTo(at).frames));
    },
    breakOff: clearDragPreview,
  };
}

/** Leaves the dragged items where they were and puts copies where they were dropped. */
function placeCopies({ deck, run }: Editing, dropped: Readonly<Record<ItemId, Frame>>): void {
  const ids = itemsInOrder(deck, Object.keys(dropped));
  const { changes, copies } = duplicateItems(deck, ids, newId, { x: 0, y: 0 });
  const placed = Object.fromEntries(ids.flatMap((id, at) => (dropped[id] ? [[copies[at] ?? '', dropped[id]]] : [])));
  run([...changes, ...setFrames(applyChanges(deck, changes), placed)]);
  select(...copies);
}

/** Ids in the order in which copies are made: from back to front. */
function itemsInOrder(deck: Deck, ids: readonly ItemId[]): readonly ItemId[] {
  const slideId = deck.items[ids[0] ?? '']?.slideId ?? '';
  return itemsOf(deck, slideId).flatMap((item) => (ids.includes(item.id) ? [item.id] : []));
}

/** Whether a line is tied to one of the items, and so is drawn anew when they move. */
function hasTiedLines(deck: Deck, slideId: SlideId, ids: readonly ItemId[]): boolean {
  return itemsOf(deck, slideId).some(
    (item) => item.kind === 'line' && [item.from.at, item.to.at].some((at) => at !== null && ids.includes(at)),
  );
}

/** Whether a link is carried by one of the items: the line of its route begins there. */
function carryLinks(deck: Deck, slideId: SlideId, ids: readonly ItemId[]): boolean {
  return linksFrom(deck, slideId).some(({ itemId }) => ids.includes(itemId));
}

/** What dragged items can snap to: everything in sight that stays where it is, and the grid where there is one. */
function snapBeside(deck: Deck, slideId: SlideId, dragged: readonly ItemId[], scale: number): DragModifiers['snap'] {
  const still = itemsOf(deck, slideId).filter((item) => !item.hidden && !dragged.includes(item.id));
  const frames = dragged.flatMap((id) => deck.items[id]?.frame ?? []);
  const targets = snapTargets(
    still.map((item) => boundsOf(item.frame)),
    sizeOf(deck),
    boundsOfAll(frames) ?? undefined,
  );
  return { targets, reach: REACH / scale, grid: useDesk.getState().grid ? GRID : 0 };
}

/** The frames of what is selected and can be moved. */
function selectedFrames(deck: Deck): Record<ItemId, Frame> {
  return Object.fromEntries(
    useDesk.getState().selected.flatMap((id) => {
      const item = deck.items[id];
      return item && isMovable(item) ? [[id, item.frame] as const] : [];
    }),
  );
}
