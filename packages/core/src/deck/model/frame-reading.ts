/** Reading a frame from untrusted JSON. */
import type { Frame } from '../../geometry/index.js';
import { readFields, readNumber } from './reading.js';

const FARTHEST = 20_000;

/** A frame, in slide units and degrees; missing sides get `size`. */
export function readFrame(value: unknown, size: { readonly width: number; readonly height: number }): Frame {
  const fields = readFields(value);
  return {
    x: readNumber(fields?.['x'], 0, -FARTHEST, FARTHEST),
    y: readNumber(fields?.['y'], 0, -FARTHEST, FARTHEST),
    width: readNumber(fields?.['width'], size.width, 1, FARTHEST),
    height: readNumber(fields?.['height'], size.height, 1, FARTHEST),
    rotation: readNumber(fields?.['rotation'], 0, -360, 360),
  };
}
