/** Pictures in a form that all programs know. */

/** How near a picture without gaps stays to what it was, from 0 to 1. */
const QUALITY = 0.92;

/** The bytes of a content; a picture of a kind that older programs do not know is written anew. */
export async function understood(blob: Blob): Promise<Uint8Array> {
  const bytes = async (of: Blob) => new Uint8Array(await of.arrayBuffer());
  if (blob.type !== 'image/webp') return bytes(blob);
  const image = await createImageBitmap(blob);
  const canvas = new OffscreenCanvas(image.width, image.height);
  const drawing = canvas.getContext('2d');
  if (!drawing) return bytes(blob);
  drawing.drawImage(image, 0, 0);
  const packed = await canvas.convertToBlob({ type: 'image/png' });
  if (hasGaps(drawing, image)) return bytes(packed);
  const photo = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  return bytes(photo.size < packed.size ? photo : packed);
}

/** Whether anything is seen through a picture. */
function hasGaps(
  drawing: OffscreenCanvasRenderingContext2D,
  { width, height }: { readonly width: number; readonly height: number },
): boolean {
  const { data } = drawing.getImageData(0, 0, width, height);
  for (let at = 3; at < data.length; at += 4) if (data[at] !== 255) return true;
  return false;
}
