/** What the pointer does on the canvas: selecting, moving, resizing, turning, drawing a marquee. */
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
import { boundsOf, boundsOfAll, type Box, boxesMeet, type Frame, type Point, snapTargets } from '@gobrel/core/geometry';
import { keepToDrag, keysWhileDragging, pressOnlyOnce } from '@gobrel/slide-view';
import type { PointerEvent } from 'react';
import { select, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { pressItem, wholeUnits } from '../state/selecting';
import { pressCell } from '../table/current-cell';
import { clearDragPreview, showGuides, useDragPreview } from './drag-preview';
import { draggedLine, type LineGrip, lineAfter } from './drag-line';
import { draggedFrames, type Grip } from './dragged-frames';
import { placeViewpoint } from './draw-viewpoint';
import { Move } from './moving';

/** A shorter way than this is a press, in CSS pixels: a finger trembles more than a mouse. */
const PRESS = { mouse: 3, pen: 4, touch: 8 };
/** How near things must come to be drawn in, in CSS pixels. */
const REACH = 6;
/** Width of the grid's squares, in slide units. */
const GRID = 20;

interface Surface {
  readonly editing: Editing;
  readonly slideId: SlideId;
  /** CSS pixels a slide unit. */
  readonly scale: number;
}

/** Breaks off whatever is being dragged, as if it had not begun. */
export function breakOffDrag(): void {
  breakOff?.();
}
let breakOff: (() => void) | null = null;

/** Begins a drag; the rest happens on the element that captures the pointer. */
export function beginDrag(event: PointerEvent<HTMLElement>, grip: Grip | LineGrip, surface: Surface): void {
  if (event.button !== 0 || !event.isPrimary) return;
  const { editing, slideId, scale } = surface;
  const { deck } = editing;
  const element = event.currentTarget;
  const canvas = document.querySelector<HTMLElement>('[data-canvas]');
  const slide = canvas?.querySelector('.gv-slide')?.getBoundingClientRect();
  if (!canvas || !slide) return;
  const { left, top } = slide;
  const pointAt = (at: { clientX: number; clientY: number }): Point => ({
    x: (at.clientX - left) / scale,
    y: (at.clientY - top) / scale,
  });
  const from = pointAt(event);
  const itemId = (event.target as HTMLElement).closest<HTMLElement>('[data-item]')?.dataset['item'] ?? null;
  const pressed = itemId === null ? null : (deck.items[itemId] ?? null);
  const { drawing } = useDesk.getState();
  const isFixed = drawing || !pressed || !isMovable(pressed);
  const { selected: wasSelected, typingIn: wasTypedIn } = useDesk.getState();
  if (grip.kind === 'canvas' && pressed && !isFixed && !event.shiftKey && !wasSelected.includes(pressed.id))
    pressItem(deck, pressed, false);

  const lineChanges = (id: ItemId, of: LineGrip, at: globalThis.PointerEvent) =>
    draggedLine(editing.deck, id, of, pointAt(at), {
      tie: !at.ctrlKey && !at.metaKey,
      slide: sizeOf(deck),
    });
  /** Works out once what a drag of the selected items goes by; when they are moved, that listens itself from here on. */
  const prepare = () => {
    const { selected, grid } = useDesk.getState();
    const before = movableFrames(deck, selected);
    const around = boundsOfAll(Object.values(before));
    const targets = targetsBeside(deck, slideId, selected, around ?? undefined);
    const snap = { targets, reach: REACH / scale, grid: grid ? GRID : 0 };
    if (grip.kind === 'canvas' && around) {
      const lead = leadLines(deck, slideId, Object.keys(before));
      const { clientX, clientY } = event;
      move = new Move({ before, around, canvas, lead, snap, from: { pointerId, clientX, clientY }, press, scale });
      window.removeEventListener('pointermove', follow, { capture: true });
      window.addEventListener('pointermove', move, { capture: true });
    }
    return { before, snap };
  };
  let prepared: ReturnType<typeof prepare> | null = null;
  // Between the press and the first move there is time for it.
  const early = isFixed ? null : setTimeout(() => (prepared ??= prepare()));
  let move: Move | null = null;
  const { pointerId } = event;
  const press = event.pointerType === 'touch' || event.pointerType === 'pen' ? PRESS[event.pointerType] : PRESS.mouse;
  let moved = false;
  let resized: Readonly<Record<ItemId, Frame>> = {};
  const follow = (at: globalThis.PointerEvent) => {
    if (at.pointerId !== pointerId) return;
    keepToDrag(at);
    const to = pointAt(at);
    const way = { x: to.x - from.x, y: to.y - from.y };
    moved ||= Math.hypot(way.x, way.y) * scale >= press;
    if (!moved) return;
    if (grip.kind === 'canvas' && isFixed) {
      const marquee = {
        x: Math.min(from.x, to.x),
        y: Math.min(from.y, to.y),
        width: Math.abs(way.x),
        height: Math.abs(way.y),
      };
      useDragPreview.setState({ marquee });
      return;
    }
    if (grip.kind === 'line-end' || grip.kind === 'line-middle') {
      const [id = ''] = useDesk.getState().selected;
      useDragPreview.setState({ line: lineAfter(deck, id, lineChanges(id, grip, at)) });
      return;
    }
    prepared ??= prepare();
    const { before, snap } = prepared;
    if (grip.kind === 'canvas') return move?.handleEvent(at);
    const manner = {
      exact: at.shiftKey,
      inProportion: Object.keys(before).some((id) => deck.items[id]?.kind === 'picture'),
      fromCentre: at.altKey,
      snap: at.ctrlKey || at.metaKey ? null : snap,
    };
    const { frames, guides } = draggedFrames(before, grip, from, to, manner);
    resized = frames;
    showGuides(guides);
    useDragPreview.setState({ frames });
  };
  const showNothing = () => {
    move?.end();
    clearDragPreview();
  };
  const finish = (at: globalThis.PointerEvent) => {
    stop();
    const { marquee } = useDragPreview.getState();
    const frames = move?.frames ?? resized;
    moved ||= move?.isUnderWay ?? false;
    showNothing();
    if (at.type === 'pointercancel') return;
    if (drawing) return placeViewpoint(editing, slideId, marquee);
    if (marquee) {
      const met = itemsOf(deck, slideId).filter(
        (item) => item.layer === 'slide' && !item.hidden && boxesMeet(boundsOf(item.frame), marquee),
      );
      select(...new Set([...(at.shiftKey ? wasSelected : []), ...wholeUnits(deck, met)]));
    } else if (moved && (grip.kind === 'line-end' || grip.kind === 'line-middle')) {
      editing.run(lineChanges(useDesk.getState().selected[0] ?? '', grip, at));
    } else if (moved && at.altKey && grip.kind === 'canvas') {
      placeCopies(editing, frames);
    } else if (moved) {
      editing.run(setFrames(editing.deck, frames));
    } else if (grip.kind === 'canvas' && pressed) {
      pressItem(deck, pressed, at.shiftKey);
      if (pressed.kind === 'table' && !at.shiftKey) pressCell(editing, pressed, from, wasTypedIn === pressed.id);
    } else if (grip.kind === 'canvas' && !at.shiftKey) {
      useDesk.setState({ entered: null });
      select();
    }
  };
  const stop = () => {
    if (early !== null) clearTimeout(early);
    window.removeEventListener('pointermove', follow, { capture: true });
    if (move) window.removeEventListener('pointermove', move, { capture: true });
    element.removeEventListener('pointerup', finish);
    element.removeEventListener('pointercancel', finish);
    leaveKeys();
    breakOff = null;
  };
  breakOff = () => {
    stop();
    showNothing();
  };
  const leaveKeys = keysWhileDragging(pointerId, breakOffDrag);
  pressOnlyOnce(event);
  element.setPointerCapture(event.pointerId);
  window.addEventListener('pointermove', follow, { capture: true });
  element.addEventListener('pointerup', finish);
  element.addEventListener('pointercancel', finish);
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
  const [first] = ids;
  const slideId = deck.items[first ?? '']?.slideId ?? '';
  return itemsOf(deck, slideId).flatMap((item) => (ids.includes(item.id) ? [item.id] : []));
}

/** Whether a line is tied to one of the items, and so is drawn anew when they move. */
function leadLines(deck: Deck, slideId: SlideId, ids: readonly ItemId[]): boolean {
  return itemsOf(deck, slideId).some(
    (item) => item.kind === 'line' && [item.from.at, item.to.at].some((at) => at !== null && ids.includes(at)),
  );
}

/** What dragged items can snap to: everything in sight that stays where it is. */
function targetsBeside(deck: Deck, slideId: SlideId, dragged: readonly ItemId[], moved?: Box) {
  const still = itemsOf(deck, slideId).filter((item) => !item.hidden && !dragged.includes(item.id));
  return snapTargets(
    still.map((item) => boundsOf(item.frame)),
    sizeOf(deck),
    moved,
  );
}

function movableFrames(deck: Deck, ids: readonly ItemId[]): Record<ItemId, Frame> {
  return Object.fromEntries(
    ids.flatMap((id) => {
      const item = deck.items[id];
      return item && isMovable(item) ? [[id, item.frame] as const] : [];
    }),
  );
}
