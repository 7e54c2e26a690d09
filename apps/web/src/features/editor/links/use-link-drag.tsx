/** Drawing a link from something to a slide: its tile, its card, or its place on the map. */
import { type ItemId, leadTo } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { usePointerDrag } from '@gobrel/slide-view';
import { useRef, useState } from 'react';
import { itemCalled, messages, slideName } from '../../../shared/messages';
import type { Editing } from '../state/editing';

/** A shorter way than this is a press, in CSS pixels. */
const PRESS = 8;

/**
 * Handlers for the button that a link is drawn from, and the line while it is drawn.
 * @param onPress is called when the button was only pressed
 */
export function useLinkDrag({ deck, run, tellDone }: Editing, itemId: ItemId, onPress: () => void) {
  const [line, setLine] = useState<{ readonly from: Point; readonly to: Point } | null>(null);
  // A drag ends with a click of its own; only a press, or a key, is one.
  const dragged = useRef(false);
  const onPointerDown = usePointerDrag<HTMLButtonElement, Point>({
    threshold: PRESS,
    begin: (press) => {
      press.stopPropagation();
      dragged.current = false;
      return { x: press.clientX, y: press.clientY };
    },
    move: ({ clientX: x, clientY: y }, _by, from) => {
      dragged.current = true;
      setLine({ from, to: { x, y } });
    },
    drop: ({ clientX: x, clientY: y }) => {
      setLine(null);
      const onto = slideUnder(x, y);
      if (onto === null || !deck.slides[onto]) return;
      run(leadTo(deck, { itemId, run: null }, { to: 'slide', slideId: onto }));
      tellDone(messages.routes.linkLed({ carrier: itemCalled(deck, itemId), to: slideName(deck, onto) }));
    },
    breakOff: () => {
      dragged.current = true;
      setLine(null);
    },
  });
  const onClick = () => {
    if (!dragged.current) onPress();
    dragged.current = false;
  };
  const drawn = line ? (
    <svg aria-hidden className="pointer-events-none fixed inset-0 z-30 h-full w-full">
      <line x1={line.from.x} y1={line.from.y} x2={line.to.x} y2={line.to.y} stroke="var(--clay)" strokeWidth={3} />
      <circle cx={line.to.x} cy={line.to.y} r={7} fill="var(--clay)" />
    </svg>
  ) : null;
  return { handlers: { onPointerDown, onClick }, drawn };
}

/** The slide whose tile, card, or card on the map lies at a point of the screen. */
function slideUnder(x: number, y: number): string | null {
  const under = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-slide], .react-flow__node');
  return under?.dataset['slide'] ?? under?.dataset['id'] ?? null;
}
