/** A handle beside what is selected: dragged to a slide, it ties the link; pressed, it lets one choose. */
import { type Item, leadTo } from '@gobrel/core/deck';
import { boundsOf, type Point } from '@gobrel/core/geometry';
import { Link2 } from 'lucide-react';
import { type PointerEvent, useRef, useState } from 'react';
import { slideName } from '../../../slides';
import { words } from '../../../words';
import type { Editing } from '../editing';

interface LinkHandleProps {
  readonly editing: Editing;
  readonly item: Item;
  /** CSS pixels a slide unit. */
  readonly scale: number;
  readonly onPick: () => void;
}

/** A shorter way than this is a press, in CSS pixels. */
const PRESS = 8;
/** From the item's corner to the handle, in CSS pixels: a finger needs more room between it and the corner's own. */
const APART = { fine: 22, coarse: 46 };

export function LinkHandle({ editing, item, scale, onPick }: LinkHandleProps) {
  const { deck, run, tellDone } = editing;
  const [line, setLine] = useState<{ readonly from: Point; readonly to: Point } | null>(null);
  const dragged = useRef(false);
  const box = boundsOf(item.frame);
  const apart = matchMedia('(pointer: coarse)').matches ? APART.coarse : APART.fine;
  const begin = (event: PointerEvent<HTMLButtonElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    const at = { x: event.clientX, y: event.clientY };
    setLine({ from: at, to: at });
  };
  const end = (event: PointerEvent<HTMLButtonElement>) => {
    setLine(null);
    dragged.current = line !== null && Math.hypot(event.clientX - line.from.x, event.clientY - line.from.y) >= PRESS;
    if (!dragged.current) return;
    const onto = slideUnder(event.clientX, event.clientY);
    if (onto === null || !deck.slides[onto]) return;
    run(leadTo(deck, { itemId: item.id, run: null }, { to: 'slide', slideId: onto }));
    tellDone(words.routes.linkLed(words.links.called(deck, item.id), slideName(deck, onto)));
  };
  return (
    <>
      <button
        type="button"
        aria-label={words.editor.dragLink}
        title={words.editor.dragLink}
        className="absolute z-10 flex size-7 -translate-x-1/2 -translate-y-1/2 cursor-grab touch-none items-center justify-center rounded-full border-2 border-clay bg-card text-clay pointer-coarse:size-11"
        style={{ left: (box.x + box.width) * scale + apart, top: (box.y + box.height) * scale + apart }}
        onPointerDown={begin}
        onPointerMove={(event) =>
          setLine((before) => before && { ...before, to: { x: event.clientX, y: event.clientY } })
        }
        onPointerUp={end}
        onPointerCancel={() => setLine(null)}
        onClick={() => {
          // A drag ends with a click of its own; only a press, or a key, opens the choice.
          if (!dragged.current) onPick();
          dragged.current = false;
        }}
      >
        <Link2 size={15} aria-hidden />
      </button>
      {line ? (
        <svg aria-hidden className="pointer-events-none fixed inset-0 z-30 h-full w-full">
          <line x1={line.from.x} y1={line.from.y} x2={line.to.x} y2={line.to.y} stroke="var(--clay)" strokeWidth={3} />
          <circle cx={line.to.x} cy={line.to.y} r={7} fill="var(--clay)" />
        </svg>
      ) : null}
    </>
  );
}

/** The slide whose card or tile lies at a point of the screen. */
function slideUnder(x: number, y: number): string | null {
  return document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-slide]')?.dataset['slide'] ?? null;
}
