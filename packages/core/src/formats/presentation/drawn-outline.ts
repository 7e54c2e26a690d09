/** Outlines of any form that were found: as strokes of ink where they are only lines, as a drawing where they are filled. */
import type { InkStroke } from '../../deck/index.js';
import type { Point } from '../../geometry/index.js';
import type { PathStep } from './path.js';

/** Into how many straight parts a curve is taken apart. */
const PARTS = 10;
/** How hard a stroke is pressed of which nobody knows. */
const PRESSED = 0.5;

/** The strokes of an outline within a frame of a size. */
export function strokesOfOutline(
  steps: readonly PathStep[],
  { width, height }: { readonly width: number; readonly height: number },
): readonly InkStroke[] {
  const strokes: Point[][] = [];
  for (const step of steps) {
    const current = strokes.at(-1);
    const from = current?.at(-1) ?? { x: 0, y: 0 };
    if (step.is === 'move') strokes.push([step.to]);
    else if (step.is === 'line') current?.push(step.to);
    else if (step.is === 'curve') current?.push(...curve(from, step.first, step.second, step.to));
    else current?.push(current[0] ?? from);
  }
  const share = (value: number, side: number) => Math.round((side > 0 ? value / side : 0.5) * 10_000) / 10_000;
  return strokes
    .filter((points) => points.length > 1)
    .map((points) => points.flatMap(({ x, y }) => [share(x, width), share(y, height), PRESSED]));
}

function curve(from: Point, first: Point, second: Point, to: Point): readonly Point[] {
  return Array.from({ length: PARTS }, (_none, part) => {
    const t = (part + 1) / PARTS;
    const along = (a: number, b: number, c: number, d: number) =>
      (1 - t) ** 3 * a + 3 * (1 - t) ** 2 * t * b + 3 * (1 - t) * t ** 2 * c + t ** 3 * d;
    return { x: along(from.x, first.x, second.x, to.x), y: along(from.y, first.y, second.y, to.y) };
  });
}

/** How an outline is filled and drawn; colours as `#rrggbb`, `null` for none, width in slide units. */
export interface OutlineLook {
  readonly fill: string | null;
  readonly opacity: number;
  readonly outline: string | null;
  readonly outlineWidth: number;
}

/** An outline as a drawing of its own, in SVG. */
export function drawingOfOutline(
  steps: readonly PathStep[],
  { width, height }: { readonly width: number; readonly height: number },
  look: OutlineLook,
): string {
  const number = (value: number) => String(Math.round(value * 100) / 100);
  const at = ({ x, y }: Point) => `${number(x)} ${number(y)}`;
  const path = steps
    .map((step) => {
      if (step.is === 'close') return 'Z';
      if (step.is === 'curve') return `C${at(step.first)} ${at(step.second)} ${at(step.to)}`;
      return `${step.is === 'move' ? 'M' : 'L'}${at(step.to)}`;
    })
    .join('');
  const half = look.outline === null ? 0 : look.outlineWidth / 2;
  const box = [-half, -half, width + 2 * half, height + 2 * half].map(number).join(' ');
  const stroke = look.outline === null ? '' : ` stroke="${look.outline}" stroke-width="${number(look.outlineWidth)}"`;
  const fill = `fill="${look.fill ?? 'none'}" fill-opacity="${number(look.opacity)}" fill-rule="evenodd"`;
  const [w, h] = [number((width + 2 * half) * 2), number((height + 2 * half) * 2)];
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}" viewBox="${box}"><path d="${path}" ${fill}${stroke}/></svg>`;
}
