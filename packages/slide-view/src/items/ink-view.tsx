/** Draws ink of authors: each stroke an outline that is wider where it was pressed harder. */
import { type InkItem, type InkPoint, placedStroke } from '@gobrel/core/deck';
import { getStroke } from 'perfect-freehand';
import { paint } from '../paint.js';
import type { ItemProps } from './item-props.js';

/** How much one sees through a highlighter. */
const SEEN_THROUGH = 0.4;

export function InkView({ item }: ItemProps<InkItem>) {
  const { width, height } = item.frame;
  const box = { x: 0, y: 0, width, height };
  return (
    <svg
      className="gv-outline"
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      {...(item.name === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': item.name })}
    >
      <g fill={paint(item.color)} opacity={item.tool === 'highlighter' ? SEEN_THROUGH : 1}>
        {item.strokes.map((stroke, place) => (
          <path key={place} d={inkOutline(placedStroke(stroke, box), item)} />
        ))}
      </g>
    </svg>
  );
}

/** The outline of a stroke as SVG path data. */
export function inkOutline(points: readonly InkPoint[], { weight, tool }: Pick<InkItem, 'weight' | 'tool'>): string {
  const told = points.some(({ pressed }) => pressed !== 0.5);
  const outline = getStroke(
    points.map(({ x, y, pressed }) => ({ x, y, pressure: pressed })),
    {
      size: weight,
      // A mouse presses as hard as it is slow; a highlighter is as wide everywhere.
      thinning: tool === 'highlighter' ? 0 : 0.5,
      simulatePressure: tool === 'pen' && !told,
      smoothing: 0.6,
      streamline: 0.4,
      last: true,
    },
  );
  const corners = outline.map(([x = 0, y = 0]) => `${round(x)} ${round(y)}`);
  return corners.length === 0 ? '' : `M${corners.join('L')}Z`;
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
