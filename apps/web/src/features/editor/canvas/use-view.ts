/** Zooming and panning the slide in the middle: by wheel, by two fingers, by the middle button, by keys and buttons. */
import { type Box, boundsOfAll, type Point } from '@gobrel/core/geometry';
import { type SlideId, sizeOf } from '@gobrel/core/deck';
import { beginPointerDrag, breakOffDrags, type Dragging } from '@gobrel/slide-view';
import { type RefObject, useEffect, useMemo, useRef } from 'react';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { isInField } from '../keyboard/in-field';
import { itemWithWords } from '../keyboard/typing';
import { panBy, type View, viewOn, ZOOM_STEP, zoomAt } from './view';

/** How strongly a wheel's pixels zoom. */
const WHEEL = 0.002;

/** Keys by where they lie: with Alt, some systems write other signs with them. */
const SIGNS: Readonly<Record<string, string>> = { Equal: '=', Minus: '-', Digit0: '0', Digit9: '9' };

interface Area {
  readonly width: number;
  readonly height: number;
}

/** The view of the slide and what changes it. */
interface Viewing {
  readonly view: View;
  readonly zoom: (factor: number, at?: Point) => void;
  readonly fit: () => void;
}

/** @param fitting where the whole slide lies while it fits */
export function useView(
  element: RefObject<HTMLElement | null>,
  area: Area,
  fitting: Box,
  editing: Editing,
  slideId: SlideId,
): Viewing {
  const chosen = useDesk((desk) => desk.view);
  const slide = sizeOf(editing.deck);
  const fitted = useMemo(
    () => ({ x: fitting.x, y: fitting.y, scale: fitting.width / slide.width }),
    [fitting.x, fitting.y, fitting.width, slide.width],
  );
  const view = chosen ?? fitted;
  const present = useRef({ view, area, slide, deck: editing.deck, slideId });
  useEffect(() => {
    // Listeners on the element and the window live longer than one drawing.
    present.current = { view, area, slide, deck: editing.deck, slideId };
  });
  const moves = useMemo(() => {
    const show = (next: View) => {
      present.current.view = next;
      useDesk.setState({ view: next });
    };
    const middle = (): Point => ({ x: present.current.area.width / 2, y: present.current.area.height / 2 });
    return {
      show,
      zoom: (factor: number, at: Point = middle()) => show(zoomAt(present.current.view, factor, at)),
      pan: (dx: number, dy: number) =>
        show(panBy(present.current.view, dx, dy, present.current.area, present.current.slide)),
      fit: () => useDesk.setState({ view: null }),
      toSelection: () => {
        const { deck } = present.current;
        const box = boundsOfAll(useDesk.getState().selected.flatMap((id) => deck.items[id]?.frame ?? []));
        if (box) show(viewOn(box, present.current.area));
      },
    };
  }, []);

  useEffect(() => {
    const target = element.current;
    if (!target) return;
    const pointIn = (at: { clientX: number; clientY: number }): Point => {
      const ground = target.getBoundingClientRect();
      return { x: at.clientX - ground.left, y: at.clientY - ground.top };
    };
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      if (event.ctrlKey || event.metaKey) moves.zoom(Math.exp(-event.deltaY * WHEEL), pointIn(event));
      else if (useDesk.getState().view) {
        const [dx, dy] = event.shiftKey ? [event.deltaY, event.deltaX] : [event.deltaX, event.deltaY];
        moves.pan(-dx, -dy);
      }
    };
    const fingers = new Map<number, Point>();
    const down = (event: PointerEvent) => {
      if (event.button === 1) beginPointerDrag(event, panning(moves, present.current.view), target);
      if (event.pointerType !== 'touch') return;
      fingers.set(event.pointerId, pointIn(event));
      if (fingers.size < 2) return;
      breakOffDrags();
      event.stopPropagation();
    };
    const move = (event: PointerEvent) => {
      const before = fingers.get(event.pointerId);
      if (!before) return;
      const to = pointIn(event);
      const other = [...fingers].find(([id]) => id !== event.pointerId)?.[1];
      fingers.set(event.pointerId, to);
      if (!other) return;
      const way = (a: Point, b: Point) => Math.max(1, Math.hypot(a.x - b.x, a.y - b.y));
      moves.zoom(way(to, other) / way(before, other), other);
      moves.pan((to.x - before.x) / 2, (to.y - before.y) / 2);
    };
    const up = (event: PointerEvent) => fingers.delete(event.pointerId);
    const key = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey) return;
      const { deck, slideId } = present.current;
      // What is selected takes letters and figures itself; with Alt they are for the view all the same.
      if (isInField(event) || (itemWithWords(deck, slideId) && !event.altKey)) return;
      const sign = event.altKey ? (SIGNS[event.code] ?? event.key) : event.key;
      if (sign === '+' || sign === '=') moves.zoom(ZOOM_STEP);
      else if (sign === '-') moves.zoom(1 / ZOOM_STEP);
      else if (sign === '0') moves.fit();
      else if (sign === '9') moves.toSelection();
      else return;
      event.preventDefault();
    };
    target.addEventListener('wheel', wheel, { passive: false });
    target.addEventListener('pointerdown', down, { capture: true });
    target.addEventListener('pointermove', move, { capture: true });
    for (const end of ['pointerup', 'pointercancel'] as const) target.addEventListener(end, up, { capture: true });
    window.addEventListener('keydown', key);
    return () => {
      target.removeEventListener('wheel', wheel);
      target.removeEventListener('pointerdown', down, { capture: true });
      target.removeEventListener('pointermove', move, { capture: true });
      for (const end of ['pointerup', 'pointercancel'] as const) target.removeEventListener(end, up, { capture: true });
      window.removeEventListener('keydown', key);
    };
  }, [element, moves]);
  useEffect(() => () => useDesk.setState({ view: null }), []);
  return { view, zoom: moves.zoom, fit: moves.fit };
}

/** Pulls the slide along with the middle button. @param before the view that it is broken off to */
function panning(
  { pan, show }: { readonly pan: (dx: number, dy: number) => void; readonly show: (view: View) => void },
  before: View,
): Dragging {
  let last = { x: 0, y: 0 };
  return {
    move: (_at, by) => {
      pan(by.x - last.x, by.y - last.y);
      last = by;
    },
    drop: () => undefined,
    breakOff: () => show(before),
  };
}
