/** How a picture is shown in its frame: which part of it, in which shape, how sharp. */
import type { Box, Frame } from '../../geometry/index.js';

/** The part of a picture that is shown, in parts of its width and height; the whole is `{0, 0, 1, 1}`. */
export type Crop = Box;

/** The crop that shows all of a picture. */
export const WHOLE_PICTURE: Crop = { x: 0, y: 0, width: 1, height: 1 };
/** The least part of a picture that a crop leaves. */
const SMALLEST_CROP = 0.02;

/** Where the whole picture lies so that its crop fills a box of the given size; in the box's units. */
export function pictureBehind(crop: Crop, size: { readonly width: number; readonly height: number }): Box {
  const width = size.width / crop.width;
  const height = size.height / crop.height;
  return { x: -crop.x * width, y: -crop.y * height, width, height };
}

/** A crop kept within its picture, and no smaller than can be seen. */
export function tidyCrop(crop: Crop): Crop {
  const side = (start: number, length: number) => {
    const size = Math.min(1, Math.max(SMALLEST_CROP, length));
    return [Math.min(1 - size, Math.max(0, start)), size] as const;
  };
  const [x, width] = side(crop.x, crop.width);
  const [y, height] = side(crop.y, crop.height);
  return { x, y, width, height };
}

/**
 * A picture's frame and crop after its crop's handle was dragged: the picture stays where it is on the slide, and the
 * frame shows another part of it. For frames that are not turned.
 * @param edges how far each edge moves inwards, in slide units; negative ones show more of the picture
 */
export function cropTo(
  frame: Frame,
  crop: Crop,
  edges: { readonly left: number; readonly top: number; readonly right: number; readonly bottom: number },
): { readonly frame: Frame; readonly crop: Crop } {
  const behind = pictureBehind(crop, frame);
  const next = tidyCrop({
    x: crop.x + edges.left / behind.width,
    y: crop.y + edges.top / behind.height,
    width: crop.width - (edges.left + edges.right) / behind.width,
    height: crop.height - (edges.top + edges.bottom) / behind.height,
  });
  return {
    crop: next,
    frame: {
      ...frame,
      x: frame.x + behind.x + next.x * behind.width,
      y: frame.y + behind.y + next.y * behind.height,
      width: next.width * behind.width,
      height: next.height * behind.height,
    },
  };
}

/**
 * The crop that shows a picture undistorted in a frame: as much of its middle as the frame's proportions allow.
 * @param pixels size of the picture in its own pixels
 * @param frame size of what it is to fill, in slide units
 */
export function undistorted(
  pixels: { readonly width: number; readonly height: number },
  frame: { readonly width: number; readonly height: number },
): Crop {
  const ratio = pixels.width / pixels.height / (frame.width / frame.height);
  const width = Math.min(1, 1 / ratio);
  const height = Math.min(1, ratio);
  return { x: (1 - width) / 2, y: (1 - height) / 2, width, height };
}

/** How sharp a picture will be on the projector. */
interface Sharpness {
  /** Picture pixels for each pixel of the projector, along the worse side; 1 and more is as sharp as it gets. */
  readonly ratio: number;
  readonly verdict: 'sharp' | 'soft' | 'blurred';
}

/** The projector that sharpness is worked out for: 1920 pixels across the slide. */
const PROJECTOR_WIDTH = 1920;

/**
 * How sharp a picture's shown part will be.
 * @param pixels width and height of the stored picture, in its own pixels
 * @param frame what it is shown in, in slide units
 * @param slideWidth in slide units
 */
export function sharpnessOf(
  pixels: { readonly width: number; readonly height: number },
  crop: Crop,
  frame: { readonly width: number; readonly height: number },
  slideWidth: number,
): Sharpness {
  const projected = PROJECTOR_WIDTH / slideWidth;
  const across = (pixels.width * crop.width) / (frame.width * projected);
  const down = (pixels.height * crop.height) / (frame.height * projected);
  const ratio = Math.min(across, down);
  // Below about two thirds edges look soft from the first row, below a third letters cannot be read.
  return { ratio, verdict: ratio >= 0.66 ? 'sharp' : ratio >= 0.34 ? 'soft' : 'blurred' };
}
