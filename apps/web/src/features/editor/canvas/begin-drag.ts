/** What a press on the slide in the middle begins: selecting, moving, resizing, turning, drawing a marquee. */
import { type Deck, isMovable, type ItemId } from '@gobrel/core/deck';
import { beginPointerDrag, type Dragging } from '@gobrel/slide-view';
import type { PointerEvent } from 'react';
import { select, useDesk } from '../state/desk';
import { pressItem } from '../state/selecting';
import { pressCell } from '../table/current-cell';
import type { LineGrip } from './drag-line';
import { dragLine } from './drag-line-grip';
import { dragMarquee } from './drag-marquee';
import { dragItems, resizeItems } from './drag-items';
import type { Press, Surface } from './drag-surface';
import type { Grip } from './dragged-frames';

/** A shorter way than this is a press, in CSS pixels: a finger trembles more than a mouse. */
const THRESHOLD: Readonly<Record<string, number>> = { mouse: 3, pen: 4, touch: 8 };

/** Begins a drag of what a press took hold of. */
export function beginDrag(event: PointerEvent<HTMLElement>, grip: Grip | LineGrip, surface: Surface): void {
  if (event.button !== 0 || !event.isPrimary) return;
  const press = pressOn(event, surface);
  if (press)
    beginPointerDrag(event, { threshold: THRESHOLD[event.pointerType] ?? 3, ...draggingOf(grip, press, event) });
}

/** What was pressed, and where; `null` while no slide is drawn. */
function pressOn(event: PointerEvent<HTMLElement>, surface: Surface): Press | null {
  const canvas = document.querySelector<HTMLElement>('[data-canvas]');
  const slide = canvas?.querySelector('.gv-slide')?.getBoundingClientRect();
  if (!canvas || !slide) return null;
  const { deck } = surface.editing;
  const pointAt: Press['pointAt'] = ({ clientX, clientY }) => ({
    x: (clientX - slide.left) / surface.scale,
    y: (clientY - slide.top) / surface.scale,
  });
  return { ...surface, deck, canvas, pressed: itemUnder(deck, event.target), from: pointAt(event), pointAt };
}

function itemUnder(deck: Deck, target: EventTarget) {
  const drawn = target instanceof Element ? target.closest<HTMLElement>('[data-item]') : null;
  const id: ItemId | undefined = drawn?.dataset['item'];
  return id === undefined ? null : (deck.items[id] ?? null);
}

function draggingOf(grip: Grip | LineGrip, press: Press, { shiftKey }: PointerEvent): Dragging {
  if (grip.kind === 'line-end' || grip.kind === 'line-middle') return dragLine(press, grip);
  if (grip.kind !== 'canvas') return resizeItems(press, grip);
  const { deck, pressed } = press;
  const { drawing, selected, typingIn } = useDesk.getState();
  const isTaken = !drawing && pressed !== null && isMovable(pressed);
  // What is dragged is selected; a press with Shift adds to it, or takes away, when it is let go.
  if (isTaken && !shiftKey && !selected.includes(pressed.id)) pressItem(deck, pressed, false);
  const pressIt = (at: globalThis.PointerEvent) => pressOnly(press, at.shiftKey, typingIn);
  return isTaken ? { ...dragItems(press), press: pressIt } : { press: pressIt, ...dragMarquee(press, selected) };
}

/** A press that was no drag. */
function pressOnly({ deck, editing, pressed, from }: Press, withShift: boolean, wasTypedIn: ItemId | null): void {
  if (pressed) {
    pressItem(deck, pressed, withShift);
    if (pressed.kind === 'table' && !withShift) pressCell(editing, pressed, from, wasTypedIn === pressed.id);
  } else if (!withShift) {
    useDesk.setState({ entered: null });
    select();
  }
}
