/** Where shapes of OpenDocument are: by a corner, or by turns and moves one after the other (ODF 1.3 part 3, 19.228). */
import { type Frame, normaliseAngle, type Point } from '../../geometry/index.js';
import { readLength } from './names.js';

/** The frame of a shape; `null` where it says none. */
export function readFrame(attributes: Readonly<Record<string, string>>): Frame | null {
  const width = readLength(attributes['svg:width']);
  const height = readLength(attributes['svg:height']);
  if (width === null || height === null) return null;
  const x = readLength(attributes['svg:x']) ?? 0;
  const y = readLength(attributes['svg:y']) ?? 0;
  const written = attributes['draw:transform'];
  if (written === undefined) return { x, y, width, height, rotation: 0 };
  return transformed({ x, y, width, height }, written);
}

/** A box after a transform, which turns it about the corner of the page and moves it. */
function transformed(
  { x, y, width, height }: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
  written: string,
): Frame {
  let rotation = 0;
  let corner: Point = { x, y };
  for (const [, name = '', inside = ''] of written.matchAll(/(\w+)\s*\(([^)]*)\)/g)) {
    const parts = inside.trim().split(/[\s,]+/);
    if (name === 'rotate') {
      const angle = -Number(parts[0]);
      if (!Number.isFinite(angle)) continue;
      rotation += (angle * 180) / Math.PI;
      corner = {
        x: corner.x * Math.cos(angle) - corner.y * Math.sin(angle),
        y: corner.x * Math.sin(angle) + corner.y * Math.cos(angle),
      };
    } else if (name === 'translate')
      corner = { x: corner.x + (readLength(parts[0]) ?? 0), y: corner.y + (readLength(parts[1]) ?? 0) };
  }
  const turn = (rotation * Math.PI) / 180;
  const middle = {
    x: corner.x + (Math.cos(turn) * width - Math.sin(turn) * height) / 2,
    y: corner.y + (Math.sin(turn) * width + Math.cos(turn) * height) / 2,
  };
  return {
    x: tidy(middle.x - width / 2),
    y: tidy(middle.y - height / 2),
    width,
    height,
    rotation: normaliseAngle(tidy(rotation)),
  };
}

/** Without what is lost in turning there and back, and without a zero below zero. */
function tidy(value: number): number {
  return Math.round(value * 10_000) / 10_000 + 0;
}
