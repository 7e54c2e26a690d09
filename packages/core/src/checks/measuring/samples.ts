/** The colours of a picture, on a coarse grid. */

/** A grid of colours, row by row: red, green, blue and how opaque, each from 0 to 255. */
export interface Samples {
  readonly width: number;
  readonly height: number;
  readonly values: ArrayLike<number>;
}

/** A colour with how opaque it is, from 0 to 1. */
export interface Sampled {
  readonly colour: string;
  readonly opacity: number;
}

/** The colour at a place of a picture, in parts of its width and height. */
export function sampleAt({ width, height, values }: Samples, u: number, v: number): Sampled {
  const column = Math.min(width - 1, Math.max(0, Math.floor(u * width)));
  const row = Math.min(height - 1, Math.max(0, Math.floor(v * height)));
  const at = 4 * (row * width + column);
  return {
    colour: hex([values[at] ?? 0, values[at + 1] ?? 0, values[at + 2] ?? 0]),
    opacity: (values[at + 3] ?? 255) / 255,
  };
}

/** Whether nothing of what is behind a picture shines through it. */
export function isOpaque({ values }: Samples): boolean {
  for (let at = 3; at < values.length; at += 4) if ((values[at] ?? 255) < 255) return false;
  return true;
}

/** A colour over another one. @param opacity of the one above, from 0 to 1 */
export function over(above: string, opacity: number, below: string): string {
  if (opacity >= 1) return above;
  const [a, b] = [parts(above), parts(below)];
  return hex(a.map((part, at) => part * opacity + (b[at] ?? 0) * (1 - opacity)));
}

function parts(colour: string): readonly number[] {
  return [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
}

function hex(colour: readonly number[]): string {
  return `#${colour.map((part) => Math.round(part).toString(16).padStart(2, '0')).join('')}`;
}
