/** Outlines of any form that were found: as strokes of ink where they are only lines, as a drawing where they are filled. */
import { strToU8 } from 'fflate';
import type { Fields, InkStroke } from '../../deck/index.js';
import type { Frame, Point } from '../../geometry/index.js';
import type { FoundContents } from './found-deck.js';
import type { PathStep } from './path.js';

/** Into how many straight parts a curve is taken apart. */
const PARTS = 10;
/** How hard a stroke is pressed of which nobody knows. */
const PRESSED = 0.5;

/** The strokes of an outline within a frame of a size. */
function strokesOfOutline(
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
interface OutlineLook {
  readonly fill: string | null;
  readonly opacity: number;
  readonly outline: string | null;
  readonly outlineWidth: number;
}

/** An outline as a drawing of its own, in SVG. */
function drawingOfOutline(
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

/** An outline that was found, and how it is drawn; colours by name or as `#rrggbb`. */
export interface FoundDrawing {
  readonly steps: readonly PathStep[];
  readonly frame: Frame;
  /** `null` where it is only lines. */
  readonly fill: string | null;
  /** Of its inside, and of its lines: 0 (not to be seen) to 1. */
  readonly opacity: number;
  readonly lineOpacity: number;
  readonly color: string;
  /** Of its lines, in slide units; 0 for none. */
  readonly width: number;
  /** What it shows, and what it is called. */
  readonly says: string;
  readonly name: string;
}

/** Under this, lines are those of a highlighter. */
const SEEN_THROUGH = 0.9;

/** The fields of an item that shows an outline: ink where it is only lines, else a picture of it. @param hexOf a colour as `#rrggbb` */
export function outlineFields(found: FoundDrawing, hexOf: (color: string) => string, contents: FoundContents): Fields {
  const { steps, frame, fill, opacity, lineOpacity, color, width, says, name } = found;
  if (fill === null) {
    const tool = lineOpacity < SEEN_THROUGH ? 'highlighter' : 'pen';
    const strokes = strokesOfOutline(steps, frame);
    // What it shows is its name: ink is not described otherwise.
    return { kind: 'ink', frame, strokes, color, weight: Math.max(1, width), tool, name: says || name };
  }
  const drawing = drawingOfOutline(steps, frame, {
    fill: hexOf(fill),
    opacity,
    outline: width > 0 ? hexOf(color) : null,
    outlineWidth: width,
  });
  const size = { width: frame.width + width, height: frame.height + width };
  return {
    kind: 'picture',
    frame: { ...frame, ...size, x: frame.x - width / 2, y: frame.y - width / 2 },
    picture: contents.keep(strToU8(drawing), 'picture'),
    pixels: { width: Math.round(size.width * 2), height: Math.round(size.height * 2) },
    alt: says,
    shape: 'sharp-rectangle',
  };
}
