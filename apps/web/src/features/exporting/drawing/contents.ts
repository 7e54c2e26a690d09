/** The bytes of pictures and fonts that files are made with. */
import { type DrawnPage, type PageFont, picturesOn } from '@gobrel/core/paper';
import { fetched, severally } from '../fetching';

type Bytes = Uint8Array<ArrayBuffer>;

/** How large a picture is drawn, in slide units. */
export interface PictureSize {
  readonly width: number;
  readonly height: number;
}

/** Pictures are kept at this many of their pixels a slide unit: 192 on an inch of a page as wide as a screen. */
const FINE = 2;
/** How near a picture without gaps stays to what it was, from 0 to 1. */
const QUALITY = 0.88;

/** The pictures of some pages as JPEG and PNG. A picture that cannot be had is left out: its place stays empty. */
export async function picturesFor(pages: readonly DrawnPage[], signal: AbortSignal): Promise<Map<string, Bytes>> {
  const pictures = new Map<string, Bytes>();
  await severally([...picturesOn(pages)], async ([url, size]) => {
    const bytes = await pictureBytes(url, size, signal);
    if (bytes) pictures.set(url, bytes);
  });
  return pictures;
}

/** A picture as JPEG or PNG, fine enough for a size in slide units; `null` when it cannot be had. */
export async function pictureBytes(
  url: string,
  { width: across, height: down }: PictureSize,
  signal: AbortSignal,
): Promise<Bytes | null> {
  const [width, height] = [across * FINE, down * FINE];
  const blob = await fetched(url, signal)
    .then((answer) => answer.blob())
    .catch(() => null);
  signal.throwIfAborted();
  if (!blob) return null;
  const image = await imageOf(blob);
  if (!image) return null;
  const [w, h] = [image.naturalWidth || width, image.naturalHeight || height];
  const isDrawing = blob.type.startsWith('image/svg');
  const scale = Math.min(isDrawing ? Infinity : 1, Math.max(width / w, height / h));
  if (blob.type === 'image/jpeg' && scale >= 1) return new Uint8Array(await blob.arrayBuffer());
  const sheet = new OffscreenCanvas(Math.max(1, Math.round(w * scale)), Math.max(1, Math.round(h * scale)));
  const pen = sheet.getContext('2d', { willReadFrequently: true });
  if (!pen) return null;
  pen.drawImage(image, 0, 0, sheet.width, sheet.height);
  const isThrough = hasGaps(pen.getImageData(0, 0, sheet.width, sheet.height).data);
  // Packing a picture anew without loss takes longer than everything else: what is packed so already stays as it is.
  const lossless = blob.type === 'image/png' && scale >= 1 ? blob : null;
  const made = await smallest(sheet, isThrough, lossless, isDrawing);
  return new Uint8Array(await made.arrayBuffer());
}

async function smallest(
  sheet: OffscreenCanvas,
  isThrough: boolean,
  lossless: Blob | null,
  isDrawing: boolean,
): Promise<Blob> {
  const packed = () => sheet.convertToBlob({ type: 'image/png' });
  if (isThrough) return lossless ?? packed();
  const jpeg = await sheet.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  const other = lossless ?? (isDrawing ? await packed() : null);
  return other && other.size < jpeg.size ? other : jpeg;
}

function hasGaps(pixels: Uint8ClampedArray): boolean {
  for (let at = 3; at < pixels.length; at += 4) if ((pixels[at] ?? 255) < 255) return true;
  return false;
}

async function imageOf(blob: Blob): Promise<HTMLImageElement | null> {
  const url = URL.createObjectURL(blob);
  const image = new Image();
  image.src = url;
  try {
    await image.decode();
    return image;
  } catch {
    return null;
  } finally {
    URL.revokeObjectURL(url);
  }
}

/** A font as TrueType in its weight. @throws when it cannot be had */
export async function fontBytes({ url, weight }: PageFont, signal: AbortSignal): Promise<Bytes> {
  const name = new URL(url).pathname.replace(/^.*\//, '');
  const answer = await fetched(`/fonts/${hundreds(weight)}/${name}`, signal);
  return new Uint8Array(await answer.arrayBuffer());
}

function hundreds(weight: number): number {
  return Math.min(900, Math.max(100, Math.round(weight / 100) * 100));
}
