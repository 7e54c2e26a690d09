/** Where it is drawn: by finger, mouse and pen, or with arrow keys and the space bar. */
import { GROUND_WIDTH } from '@gobrel/core/deck';
import type { Stroke } from '@gobrel/core/work';
import { workLimits } from '@gobrel/core/work';
import { type KeyboardEvent, useRef, useState } from 'react';
import { usePointerDrag } from '../dragging/use-pointer-drag.js';
import { placeIn } from '../place-in.js';
import { useSurroundings } from '../surroundings.js';
import { DrawnGround, type Ground } from './drawn-ground.js';
import { INK_WIDTH, type Tool } from './inks.js';
import { erasedAt, pathOfStroke, thinned } from './stroke-path.js';

/** What somebody who may draw holds. */
interface DrawingHands {
  readonly tool: Tool;
  readonly color: string;
  readonly draw: (stroke: Omit<Stroke, 'itemId'>) => void;
  readonly erase: (ids: readonly string[]) => void;
  readonly say: (words: string) => void;
}

interface DrawingAreaProps {
  readonly item: Ground & { readonly prompt: string };
  /** Whether it fills all the room there is. */
  readonly fills?: boolean;
  readonly strokes: readonly (Stroke & { readonly id: string })[];
  /** `null` when it is only looked at. */
  readonly hands: DrawingHands | null;
}

/** How far arrow keys move the pen, in the units of strokes; with Shift, finely. */
const STEP = 16;
const FINE = 4;

export function DrawingArea({ item, fills = false, strokes, hands }: DrawingAreaProps) {
  const { asking } = useSurroundings().words;
  const area = useRef<HTMLDivElement>(null);
  const points = useRef<number[]>([]);
  const fresh = useRef<SVGPathElement>(null);
  const [pen, setPen] = useState<{ readonly x: number; readonly y: number; readonly down: boolean } | null>(null);

  const height = GROUND_WIDTH / item.ratio;
  const placeOf = (event: { readonly clientX: number; readonly clientY: number }): readonly [number, number] | null => {
    const place = area.current && placeIn(area.current, event);
    return place && [Math.round(place.x * GROUND_WIDTH), Math.round(place.y * height)];
  };
  const discard = () => {
    points.current = [];
    fresh.current?.setAttribute('d', '');
  };
  const finish = () => {
    const drawn = thinned(points.current);
    discard();
    if (!hands || hands.tool === 'eraser' || drawn.length === 0) return;
    hands.draw({ tool: hands.tool, color: hands.color, width: INK_WIDTH[hands.tool], points: drawn });
  };
  const erase = (x: number, y: number) => {
    const ids = erasedAt(strokes, x, y);
    if (ids.length > 0) hands?.erase(ids);
  };
  // What is being drawn moves ahead of React: a weak tablet draws one path anew, not the slide.
  const add = (x: number, y: number) => {
    points.current.push(x, y);
    fresh.current?.setAttribute('d', pathOfStroke(points.current));
    if (points.current.length >= workLimits.strokePoints) {
      finish();
      points.current = [x, y];
    }
  };
  const follow = (event: { readonly clientX: number; readonly clientY: number }) => {
    const place = placeOf(event);
    if (!hands || !place) return;
    if (hands.tool === 'eraser') erase(...place);
    else add(...place);
  };
  const onPointerDown = usePointerDrag<HTMLDivElement, true>({
    begin: (press) => {
      if (!hands || !placeOf(press)) return null;
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
    if (!hands) return;
    const present = pen ?? { x: GROUND_WIDTH / 2, y: Math.round(height / 2), down: false };
    const step = event.shiftKey ? FINE : STEP;
    const way = { ArrowRight: [step, 0], ArrowLeft: [-step, 0], ArrowDown: [0, step], ArrowUp: [0, -step] }[event.key];
    if (way) {
      const [dx = 0, dy = 0] = way;
      const x = Math.min(GROUND_WIDTH, Math.max(0, present.x + dx));
      const y = Math.min(height, Math.max(0, present.y + dy));
      setPen({ ...present, x, y });
      if (present.down && hands.tool !== 'eraser') add(x, y);
    } else if (event.key === ' ' || event.key === 'Enter') {
      if (hands.tool === 'eraser') erase(present.x, present.y);
      else if (present.down) finish();
      else add(present.x, present.y);
      const down = hands.tool !== 'eraser' && !present.down;
      setPen({ ...present, down });
      hands.say(down ? asking.penDown : asking.penUp);
    } else {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  };
  const leave = () => {
    if (pen?.down) finish();
    setPen(null);
  };

  return (
    <DrawnGround
      ref={area}
      item={{ ...item, alt: '' }}
      open={hands !== null}
      fills={fills}
      onPointerDown={onPointerDown}
      {...(hands
        ? {
            role: 'application',
            tabIndex: 0,
            onKeyDown: byKeys,
            onBlur: leave,
            'aria-roledescription': asking.drawHelp,
          }
        : { role: 'img' })}
      aria-label={[item.alt || item.prompt, asking.drawing(strokes.length)].filter(Boolean).join(', ')}
    >
      <svg className="gv-drawn" viewBox={`0 0 ${GROUND_WIDTH} ${height}`} aria-hidden="true">
        {strokes.map((stroke) => (
          <path
            key={stroke.id}
            d={pathOfStroke(stroke.points)}
            stroke={stroke.color}
            strokeWidth={stroke.width}
            opacity={stroke.tool === 'highlighter' ? 0.4 : 1}
          />
        ))}
        {hands && hands.tool !== 'eraser' ? (
          <path
            ref={fresh}
            stroke={hands.color}
            strokeWidth={INK_WIDTH[hands.tool]}
            opacity={hands.tool === 'highlighter' ? 0.4 : 1}
          />
        ) : null}
        {pen ? <circle className="gv-pen" cx={pen.x} cy={pen.y} r={pen.down ? 8 : 12} /> : null}
      </svg>
    </DrawnGround>
  );
}
