/** Drawing on the slide by hand: over everything on it, by mouse, finger, pen and keys. */
import {
  addStraightened,
  addStroke,
  type InkPoint,
  type InkPen,
  rubOut,
  sizeOf,
  type SlideId,
} from '@gobrel/core/deck';
import { inkOutline, paint, usePointerDrag } from '@gobrel/slide-view';
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import { messages } from '../../../shared/messages';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { endInk, focusInk, INK_WEIGHTS, useInking } from './inking';

interface InkAreaProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  /** CSS pixels a slide unit. */
  readonly scale: number;
}

/** Strokes that follow within this time belong together, in ms: letters of a word do. */
const TOGETHER = 1500;
/** How far arrow keys move the pen, in slide units; with Shift, finely. */
const STEP = { coarse: 16, fine: 4 };

export function InkArea({ editing, slideId, scale }: InkAreaProps) {
  const says = messages.ink;
  const { deck, run } = editing;
  const { width, height } = sizeOf(deck);
  const { tool, color, weight, straightens } = useInking();
  const area = useRef<HTMLDivElement>(null);
  const fresh = useRef<SVGPathElement>(null);
  const points = useRef<InkPoint[]>([]);
  const [keyPen, setKeyPen] = useState<{ readonly x: number; readonly y: number; readonly down: boolean } | null>(null);
  const [told, setTold] = useState('');
  useEffect(() => {
    // Whoever uses keys draws at once.
    focusInk();
  }, []);
  const isErasing = tool === 'eraser';
  const pen: InkPen = {
    tool: isErasing ? 'pen' : tool,
    color: isErasing ? 'words' : color[tool],
    weight: INK_WEIGHTS[tool][weight] ?? INK_WEIGHTS.pen[1],
  };
  const placeOf = (event: { clientX: number; clientY: number }) => {
    const box = area.current?.getBoundingClientRect();
    return box ? { x: (event.clientX - box.left) / scale, y: (event.clientY - box.top) / scale } : null;
  };
  const add = (point: InkPoint) => {
    points.current.push(point);
    // What is being drawn moves ahead of React.
    fresh.current?.setAttribute('d', inkOutline(points.current, pen));
  };
  const erase = (x: number, y: number) => run(rubOut(deck, slideId, x, y, pen.weight / 2));
  const discard = () => {
    points.current = [];
    fresh.current?.setAttribute('d', '');
  };
  const finish = () => {
    const drawn = points.current;
    discard();
    if (isErasing || drawn.length === 0) return;
    const straight = straightens ? addStraightened(deck, slideId, drawn, pen) : null;
    if (straight) {
      run(straight.changes);
      useInking.setState({ last: null });
      return;
    }
    const { last } = useInking.getState();
    const before = last && performance.now() - last.at < TOGETHER ? last.itemId : null;
    const { changes, itemId } = addStroke(deck, slideId, drawn, pen, before);
    run(changes);
    useInking.setState({ last: { itemId, at: performance.now() } });
  };
  const follow = (event: { clientX: number; clientY: number; pressure?: number; pointerType?: string }) => {
    const place = placeOf(event);
    if (!place) return;
    if (isErasing) erase(place.x, place.y);
    else add({ ...place, pressed: event.pointerType === 'pen' ? (event.pressure ?? 0.5) : 0.5 });
  };
  const onPointerDown = usePointerDrag<HTMLDivElement, true>({
    begin: (press) => {
      press.stopPropagation();
      follow(press);
      return true;
    },
    move: follow,
    drop: finish,
    press: finish,
    // What the browser took the finger away from stays drawn.
    breakOff: (by) => (by === 'browser' ? finish() : discard()),
  });
  const byKeys = (event: KeyboardEvent) => {
    const present = keyPen ?? { x: width / 2, y: height / 2, down: false };
    const step = event.shiftKey ? STEP.fine : STEP.coarse;
    const way = { ArrowRight: [step, 0], ArrowLeft: [-step, 0], ArrowDown: [0, step], ArrowUp: [0, -step] }[event.key];
    if (way) {
      const [dx = 0, dy = 0] = way;
      const x = Math.min(width, Math.max(0, present.x + dx));
      const y = Math.min(height, Math.max(0, present.y + dy));
      setKeyPen({ ...present, x, y });
      if (present.down) add({ x, y, pressed: 0.5 });
    } else if (event.key === ' ' || event.key === 'Enter') {
      if (isErasing) erase(present.x, present.y);
      else if (present.down) finish();
      else add({ ...present, pressed: 0.5 });
      const down = !isErasing && !present.down;
      setKeyPen({ ...present, down });
      setTold(down ? messages.asking.penDown : messages.asking.penUp);
    } else if (event.key === 'Escape') {
      if (present.down) finish();
      endInk();
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div
      ref={area}
      data-ink
      role="application"
      aria-label={says.area}
      aria-roledescription={messages.asking.drawHelp}
      tabIndex={0}
      className="absolute inset-0 z-10 cursor-crosshair touch-none outline-offset-4"
      onPointerDown={(event: PointerEvent<HTMLDivElement>) => {
        select();
        onPointerDown(event);
      }}
      onDoubleClick={(event) => event.stopPropagation()}
      onKeyDown={byKeys}
    >
      <svg className="pointer-events-none size-full" viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
        <path ref={fresh} fill={paint(pen.color)} opacity={tool === 'highlighter' ? 0.4 : 1} />
        {keyPen ? <circle cx={keyPen.x} cy={keyPen.y} r={10} fill="none" stroke="var(--dusk)" strokeWidth={3} /> : null}
      </svg>
      <span role="status" className="spoken">
        {told}
      </span>
    </div>
  );
}
