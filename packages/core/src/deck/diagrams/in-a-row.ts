/** Steps, one after the other, and what happened along a line of time. */
import type { Box } from '../../geometry/index.js';
import { boxAt, type LaidOutDiagram, tieOf } from './laid-out.js';
import type { DiagramPart } from './typed-list.js';

/** The most boxes beside each other, and the room between them as a part of a box. */
const [MOST_BESIDE, BETWEEN] = [5, 0.32];
/** How high a box is, as a part of its width. */
const [HIGH, HIGHEST] = [0.62, 190];

/** A part with what belongs to it, in lines. */
export function wordsOfPart({ words, parts }: DiagramPart): string {
  return [words, ...parts.map((part) => wordsOfPart(part))].join('\n');
}

/** Steps from left to right, in rows where there are many; an arrow leads from the end of a row to the next. */
export function steps(parts: readonly DiagramPart[], room: Box): LaidOutDiagram {
  const rows = Math.ceil(parts.length / MOST_BESIDE);
  const columns = Math.max(1, Math.ceil(parts.length / rows));
  const width = room.width / (columns + (columns - 1) * BETWEEN);
  const gap = width * BETWEEN;
  const height = Math.min(HIGHEST, width * HIGH, room.height / (rows + (rows - 1) * 0.5));
  const rowGap = rows > 1 ? Math.min(height * 0.6, (room.height - rows * height) / (rows - 1)) : 0;
  const top = room.y + (room.height - rows * height - (rows - 1) * rowGap) / 2;
  return {
    boxes: parts.map((part, at) => {
      const [row, column] = [Math.floor(at / columns), at % columns];
      const box = { x: room.x + column * (width + gap), y: top + row * (height + rowGap), width, height };
      return boxAt(box, wordsOfPart(part), { role: at === 0 ? 'main' : 'plain' });
    }),
    ties: parts.slice(1).map((_part, at) => {
      const isNewRow = (at + 1) % columns === 0;
      return isNewRow
        ? tieOf(at, at + 1, { fromSide: 'bottom', toSide: 'top', style: 'elbow' })
        : tieOf(at, at + 1, { fromSide: 'right', toSide: 'left' });
    }),
  };
}

/** How large the points of a timeline are, in slide units, and the room between a point and its words. */
const [POINT, FAR] = [26, 34];

/** The part of two steps that words above and below a line take, and the widest they get, in slide units. */
const [OF_TWO_STEPS, WIDEST] = [0.92, 360];

/** Points on a line, with their words above and below it in turn. */
export function timeline(parts: readonly DiagramPart[], room: Box): LaidOutDiagram {
  const middle = room.y + room.height / 2;
  const gaps = Math.max(1, parts.length - 1);
  // Words stand in turn above and below, so each has the room of two steps; those at both ends stay within the room.
  const both = 2 * OF_TWO_STEPS;
  const width = Math.min(WIDEST, parts.length === 1 ? room.width : (both * room.width) / (gaps + both));
  const step = (room.width - width) / gaps;
  const left = parts.length === 1 ? room.x + (room.width - width) / 2 : room.x;
  const height = Math.min(room.height / 2 - POINT / 2 - FAR, 150);
  const points = parts.map((_part, at) =>
    boxAt({ x: left + at * step + (width - POINT) / 2, y: middle - POINT / 2, width: POINT, height: POINT }, '', {
      role: 'point',
      shape: 'ellipse',
    }),
  );
  const words = parts.map((part, at) => {
    const y = at % 2 === 0 ? middle - POINT / 2 - FAR - height : middle + POINT / 2 + FAR;
    return boxAt({ x: left + at * step, y, width, height }, wordsOfPart(part), { role: 'plain' });
  });
  return {
    boxes: [...points, ...words],
    ties: [
      ...parts.slice(1).map((_part, at) => tieOf(at, at + 1, { fromSide: 'right', toSide: 'left', head: 'none' })),
      ...parts.map((_part, at) =>
        tieOf(at, parts.length + at, {
          fromSide: at % 2 === 0 ? 'top' : 'bottom',
          toSide: at % 2 === 0 ? 'bottom' : 'top',
          head: 'none',
        }),
      ),
    ],
  };
}
