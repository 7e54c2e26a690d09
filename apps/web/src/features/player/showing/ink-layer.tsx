/** Pen and pointer over a slide: they are seen in every window of the show and leave no trace on the deck. */
import type { Point } from '@gobrel/core/geometry';
import { type Room, usePointerDrag } from '@gobrel/slide-view';
import getStroke from 'perfect-freehand';
import { useRef } from 'react';
import type { Show } from './use-show';

interface InkLayerProps {
  readonly show: Pick<Show, 'shared' | 'set' | 'hand'>;
  readonly room: Room;
  /** Width of what is in sight, in slide units. */
  readonly width: number;
}

/** A line on its way, and those that were there before. */
interface Drawing {
  readonly before: Show['shared']['strokes'];
  readonly stroke: Point[];
}

/** Thickness of the pen's lines, in parts of what is in sight. */
const PEN = 1 / 180;

export function InkLayer({ show: { shared, set, hand }, room, width }: InkLayerProps) {
  const scale = room.width / width;
  const layer = useRef<SVGSVGElement>(null);
  const pointAt = (event: { readonly clientX: number; readonly clientY: number }): Point => {
    const box = layer.current?.getBoundingClientRect() ?? { left: 0, top: 0 };
    return {
      x: (event.clientX - box.left - room.width / 2) / scale,
      y: (event.clientY - box.top - room.height / 2) / scale,
    };
  };
  const onPointerDown = usePointerDrag<SVGSVGElement, Drawing>({
    begin: (press) => (hand === 'pen' ? { before: shared.strokes, stroke: [pointAt(press)] } : null),
    move: (event, _by, { before, stroke }) => {
      stroke.push(pointAt(event));
      set({ strokes: [...before, [...stroke]] });
    },
    drop: () => undefined,
    press: (_event, { before, stroke }) => set({ strokes: [...before, stroke] }),
    // What the browser took the finger away from stays drawn.
    breakOff: (by, { before }) => (by === 'person' ? set({ strokes: before }) : undefined),
  });
  return (
    <svg
      ref={layer}
      aria-hidden
      className={`absolute inset-0 ${hand === 'press' ? 'pointer-events-none' : 'cursor-crosshair touch-none'}`}
      width={room.width}
      height={room.height}
      viewBox={`${-width / 2} ${-room.height / scale / 2} ${width} ${room.height / scale}`}
      onPointerDown={onPointerDown}
      onPointerMove={(event) => (hand === 'pointer' ? set({ pointer: pointAt(event) }) : undefined)}
      onPointerLeave={() => (hand === 'pointer' ? set({ pointer: null }) : undefined)}
    >
      {shared.strokes.map((stroke, place) => (
        <path
          key={place}
          d={outlineOf(stroke, width * PEN)}
          fill="#c2410c"
          stroke="#fffcf5"
          strokeWidth={width / 900}
        />
      ))}
      {shared.pointer ? (
        <circle
          cx={shared.pointer.x}
          cy={shared.pointer.y}
          r={width / 90}
          fill="rgb(194 65 12 / 0.85)"
          stroke="#fffcf5"
          strokeWidth={width / 500}
        />
      ) : null}
    </svg>
  );
}

/** The outline of a line drawn by hand, as SVG path data. */
function outlineOf(stroke: readonly Point[], size: number): string {
  const outline = getStroke(
    stroke.map(({ x, y }) => [x, y]),
    { size, thinning: 0.4, smoothing: 0.6, streamline: 0.4 },
  );
  return (
    outline.map(([x = 0, y = 0], place) => `${place === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('') + 'Z'
  );
}
