/** What many students did over one another: how thick it lies, and their drawings; each fills what is around it. */
import { type DrawItem, GROUND_WIDTH, groundRatio } from '@gobrel/core/deck';
import { type Density, layerDrawings, strokesIn } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { useMemo } from 'react';

/** The colour of where it lies thick. */
export const HEAT = '#b4492a';

/** How thick something lies in each cell: the thicker the darker. */
export function Heat({ density: { columns, rows, cells } }: { density: Density }) {
  return (
    <svg
      className="absolute inset-0 size-full"
      viewBox={`0 0 ${columns} ${rows}`}
      preserveAspectRatio="none"
      aria-hidden
    >
      {cells.map((value, cell) =>
        value < 0.05 ? null : (
          <rect
            key={cell}
            x={cell % columns}
            y={Math.floor(cell / columns)}
            width={1.02}
            height={1.02}
            fill={HEAT}
            opacity={value * 0.6}
          />
        ),
      )}
    </svg>
  );
}

/** Everybody's drawings over one another. */
export function DrawingLayers({ item, works }: { item: DrawItem; works: readonly Work[] }) {
  const { drew, cells, columns, rows } = useMemo(() => layerDrawings(item, works), [item, works]);
  const most = Math.max(2, drew);
  return (
    <>
      <Heat density={{ columns, rows, cells: cells.map((count) => count / most) }} />
      <svg
        className="absolute inset-0 size-full"
        viewBox={`0 0 ${GROUND_WIDTH} ${GROUND_WIDTH / groundRatio(item)}`}
        aria-hidden
      >
        {works.flatMap((work, at) =>
          strokesIn(item, work).map((stroke) => (
            <path
              key={`${at} ${stroke.id}`}
              d={pathOf(stroke.points)}
              fill="none"
              stroke={stroke.color}
              strokeWidth={stroke.width}
              opacity={0.45}
              strokeLinecap="round"
              strokeLinejoin="round"
            />
          )),
        )}
      </svg>
    </>
  );
}

/** A line through points given as x and y in turn. */
function pathOf(points: readonly number[]): string {
  return points.map((value, at) => `${at === 0 ? 'M' : at === 2 ? 'L' : ' '}${value}`).join(' ');
}
