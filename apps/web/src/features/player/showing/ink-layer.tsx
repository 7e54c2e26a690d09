/** Pen and pointer over a slide: they are seen in every window of the show and leave no trace on the deck. */
import type { Point } from '@gobrel/core/geometry';
import type { Room } from '@gobrel/slide-view';
import getStroke from 'perfect-freehand';
import type { PointerEvent } from 'react';
import type { Show } from './use-show';

interface InkLayerProps {
  readonly show: Pick<Show, 'shared' | 'set' | 'hand'>;
  readonly room: Room;
  /** Width of what is in sight, in slide units. */
  readonly width: number;
}

/** Thickness of the pen's lines, in parts of what is in sight. */
const PEN = 1 / 180;

export function InkLayer({ show: { shared, set, hand }, room, width }: InkLayerProps) {
  const scale = room.width / width;
  const pointAt = (event: PointerEvent<SVGSVGElement>): Point => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: (event.clientX - box.left - room.width / 2) / scale,
      y: (event.clientY - box.top - room.height / 2) / scale,
    };
  };
  const begin = (event: PointerEvent<SVGSVGElement>) => {
    if (hand !== 'pen') return;
    event.currentTarget.setPointerCapture(event.pointerId);
    set({ strokes: [...shared.strokes, [pointAt(event)]] });
  };
  const move = (event: PointerEvent<SVGSVGElement>) => {
    if (hand === 'pointer') set({ pointer: pointAt(event) });
    if (hand !== 'pen' || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const strokes = [...shared.strokes];
    strokes.push([...(strokes.pop() ?? []), pointAt(event)]);
    set({ strokes });
  };
  return (
    <svg
      aria-hidden
      className={`absolute inset-0 ${hand === 'press' ? 'pointer-events-none' : 'cursor-crosshair touch-none'}`}
      width={room.width}
      height={room.height}
      viewBox={`${-width / 2} ${-room.height / scale / 2} ${width} ${room.height / scale}`}
      onPointerDown={begin}
      onPointerMove={move}
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
