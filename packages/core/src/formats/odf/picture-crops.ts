/** Which part of a picture is seen. */
import { WHOLE_PICTURE } from '../../deck/index.js';
import type { Frame } from '../../geometry/index.js';
import { readLength, readPart } from './names.js';

/** The part of a picture that is seen of a tile which is larger than the shape whose ground it is. */
export function laidCrop(set: Readonly<Record<string, string | undefined>>, frame: Frame) {
  if ((set['style:repeat'] ?? 'repeat') !== 'repeat') return WHOLE_PICTURE;
  const part = (size: number, tile: string | undefined) => size / (readLength(tile) ?? 0);
  const [width, height] = [
    part(frame.width, set['draw:fill-image-width']),
    part(frame.height, set['draw:fill-image-height']),
  ];
  const before = (begins: string | undefined) => (1 - (readPart(begins) ?? 0)) % 1;
  const crop = {
    ...{ x: before(set['draw:fill-image-ref-point-x']), y: before(set['draw:fill-image-ref-point-y']) },
    ...{ width, height },
  };
  // What goes beyond its end begins anew, and is no part.
  return crop.x + width <= 1.001 && crop.y + height <= 1.001 ? crop : WHOLE_PICTURE;
}

/** The part of a picture that is left, by what is cut off its sides; lengths are of the picture at 96 dots an inch. */
export function cropOf(
  written: string | undefined,
  { width, height }: { readonly width: number; readonly height: number },
) {
  const [, inside = ''] = /^rect\(([^)]*)\)$/.exec(written?.trim() ?? '') ?? [];
  const [top, right, bottom, left] = inside.split(/[\s,]+/).map(readLength);
  if (top == null || right == null || bottom == null || left == null || width === 0 || height === 0)
    return WHOLE_PICTURE;
  const crop = {
    x: left / width,
    y: top / height,
    width: 1 - (left + right) / width,
    height: 1 - (top + bottom) / height,
  };
  return crop.width > 0 && crop.height > 0 && crop.x >= 0 && crop.y >= 0 ? crop : WHOLE_PICTURE;
}
