/** Pictures that students add, made small enough to be part of their work, and so to be kept without a network. */
import { type AddedPicture, workLimits } from '@gobrel/core/work';

/** What of an added picture comes from the picture itself. */
export type PictureBytes = Pick<AddedPicture, 'bytes' | 'type' | 'pixels'>;

/** The longest side that is kept, in pixels, and how it shrinks and how well it is kept until it is small enough. */
const LONGEST = 1280;
const TRIES = [
  { side: 1, quality: 0.82 },
  { side: 0.8, quality: 0.75 },
  { side: 0.6, quality: 0.7 },
  { side: 0.45, quality: 0.6 },
] as const;

/** The picture as a JPEG that fits; `null` when it is none that this browser can read, or cannot be made small enough. */
export async function shrunkPicture(source: Blob | HTMLVideoElement): Promise<PictureBytes | null> {
  const image = await createImageBitmap(source).catch(() => null);
  if (!image || image.width === 0) return null;
  const full = Math.min(1, LONGEST / Math.max(image.width, image.height));
  for (const { side, quality } of TRIES) {
    const pixels = {
      width: Math.max(1, Math.round(image.width * full * side)),
      height: Math.max(1, Math.round(image.height * full * side)),
    };
    const bytes = drawn(image, pixels, quality);
    if (bytes !== null && bytes.length <= workLimits.picture) return { bytes, type: 'image/jpeg', pixels };
  }
  return null;
}

/** What is drawn at that size, in base64. */
function drawn(image: ImageBitmap, { width, height }: PictureBytes['pixels'], quality: number): string | null {
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const paper = canvas.getContext('2d');
  if (!paper) return null;
  // Where a picture is clear, the paper shows.
  paper.fillStyle = '#fff';
  paper.fillRect(0, 0, width, height);
  paper.drawImage(image, 0, 0, width, height);
  return canvas.toDataURL('image/jpeg', quality).split(',')[1] ?? null;
}
