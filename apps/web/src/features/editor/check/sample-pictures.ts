/** The colours of the deck's pictures on a coarse grid, read once each: drawings can be read on the page only. */
import type { Samples } from '@gobrel/core/checks';
import { stillUrl, pictureUrl } from '../../../shared/api';

/** The grid, in places across and down. */
const [WIDTH, HEIGHT] = [48, 27];

/** The colours of a stored picture; `null` where it cannot be seen. @param moving of one that moves, its first picture */
export async function samplePicture(id: string, moving: boolean): Promise<Samples | null> {
  const image = new Image();
  image.src = moving ? stillUrl(id) : pictureUrl(id);
  try {
    await image.decode();
  } catch {
    return null;
  }
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [WIDTH, HEIGHT];
  const brush = canvas.getContext('2d', { willReadFrequently: true });
  if (!brush) return null;
  brush.drawImage(image, 0, 0, WIDTH, HEIGHT);
  return { width: WIDTH, height: HEIGHT, values: brush.getImageData(0, 0, WIDTH, HEIGHT).data };
}
