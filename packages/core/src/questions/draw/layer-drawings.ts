/** Drawings of many students, one over the other: where most of them drew. */
import { type DrawItem, GROUND_WIDTH, groundRatio } from '../../deck/index.js';
import type { Work } from '../../work/index.js';
import { strokesIn } from './strokes-in.js';

/** Cells of a drawing in reading order. */
export interface DrawingLayers {
  /** How many cells lie beside one another. */
  readonly columns: number;
  /** How many cells lie below one another. */
  readonly rows: number;
  /** For each cell how many students drew in it. */
  readonly cells: readonly number[];
  /** How many students drew at all. */
  readonly drew: number;
}

/** How wide a cell is, in the units of strokes. */
const CELL = GROUND_WIDTH / 40;

/** Counts for each cell of what is drawn on the students whose strokes pass it. */
export function layerDrawings(item: DrawItem, works: readonly Work[]): DrawingLayers {
  const columns = Math.max(1, Math.ceil(GROUND_WIDTH / CELL));
  const rows = Math.max(1, Math.ceil(GROUND_WIDTH / groundRatio(item) / CELL));
  const cells = new Array<number>(columns * rows).fill(0);
  let drew = 0;
  for (const work of works) {
    const strokes = strokesIn(item, work);
    if (strokes.length > 0) drew += 1;
    const passed = new Set(strokes.flatMap(({ points }) => cellsAlong(points, columns, rows)));
    for (const cell of passed) cells[cell] = (cells[cell] ?? 0) + 1;
  }
  return { columns, rows, cells, drew };
}

function cellsAlong(points: readonly number[], columns: number, rows: number): number[] {
  const passed: number[] = [];
  const note = (x: number, y: number) => {
    const [column, row] = [Math.floor(x / CELL), Math.floor(y / CELL)];
    if (column >= 0 && row >= 0 && column < columns && row < rows) passed.push(row * columns + column);
  };
  for (let at = 0; at + 1 < points.length; at += 2) {
    const [x = 0, y = 0, nextX = x, nextY = y] = points.slice(at, at + 4);
    const steps = Math.min(2_000, Math.max(1, Math.ceil((2 * Math.hypot(nextX - x, nextY - y)) / CELL)));
    for (let step = 0; step <= steps; step += 1)
      note(x + ((nextX - x) * step) / steps, y + ((nextY - y) * step) / steps);
  }
  return passed;
}
