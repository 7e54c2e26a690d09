/** What kind of picture or recording some bytes are, by how they begin. */
import type { PixelSize } from '../../deck/index.js';

/** A kind of file that presentations show or play. */
export interface MediaType {
  /** Such as `image/png`. */
  readonly type: string;
  /** The ending of its name, without the dot. */
  readonly ending: string;
}

const known: readonly (readonly [begins: (bytes: Uint8Array) => boolean, type: string, ending: string])[] = [
  [startsWith(0x89, 0x50, 0x4e, 0x47), 'image/png', 'png'],
  [startsWith(0xff, 0xd8, 0xff), 'image/jpeg', 'jpg'],
  [startsWith(0x47, 0x49, 0x46, 0x38), 'image/gif', 'gif'],
  [(bytes) => said(bytes, 0, 4) === 'RIFF' && said(bytes, 8, 12) === 'WEBP', 'image/webp', 'webp'],
  [(bytes) => said(bytes, 0, 4) === 'RIFF' && said(bytes, 8, 12) === 'WAVE', 'audio/wav', 'wav'],
  [(bytes) => said(bytes, 4, 8) === 'ftyp' && said(bytes, 8, 11) === 'M4A', 'audio/mp4', 'm4a'],
  [(bytes) => said(bytes, 4, 8) === 'ftyp', 'video/mp4', 'mp4'],
  [startsWith(0x1a, 0x45, 0xdf, 0xa3), 'video/webm', 'webm'],
  [startsWith(0x4f, 0x67, 0x67, 0x53), 'audio/ogg', 'ogg'],
  [(bytes) => said(bytes, 0, 3) === 'ID3', 'audio/mpeg', 'mp3'],
  [(bytes) => bytes[0] === 0xff && ((bytes[1] ?? 0) & 0xe0) === 0xe0, 'audio/mpeg', 'mp3'],
  [
    (bytes) => /^(?:\ufeff)?\s*(?:<\?xml[^>]*>\s*)?(?:<!--[\s\S]*?-->\s*)*<svg[\s>]/.test(said(bytes, 0, 400)),
    'image/svg+xml',
    'svg',
  ],
];

function startsWith(...first: readonly number[]): (bytes: Uint8Array) => boolean {
  return (bytes) => first.every((each, at) => bytes[at] === each);
}

function said(bytes: Uint8Array, from: number, to: number): string {
  return String.fromCharCode(...bytes.slice(from, to));
}

/** What some bytes are; `null` for what is not known here. */
export function mediaTypeOf(bytes: Uint8Array): MediaType | null {
  const found = known.find(([begins]) => begins(bytes));
  return found ? { type: found[1], ending: found[2] } : null;
}

/** The size of a picture as its bytes say it, in pixels; zeros where they say none that is read here. */
export function pixelsOf(bytes: Uint8Array): PixelSize {
  const none = { width: 0, height: 0 };
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  try {
    switch (mediaTypeOf(bytes)?.type) {
      case 'image/png':
        return { width: view.getUint32(16), height: view.getUint32(20) };
      case 'image/gif':
        return { width: view.getUint16(6, true), height: view.getUint16(8, true) };
      case 'image/jpeg':
        return jpegSize(view);
      case 'image/webp':
        return webpSize(view, said(bytes, 12, 16));
      default:
        return none;
    }
  } catch {
    return none;
  }
}

/** The size in the frame header of a JPEG (ITU-T T.81, B.2.2). */
function jpegSize(view: DataView): PixelSize {
  let at = 2;
  while (at < view.byteLength) {
    const marker = view.getUint8(at + 1);
    const isFrame = marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
    if (isFrame) return { width: view.getUint16(at + 7), height: view.getUint16(at + 5) };
    at += 2 + view.getUint16(at + 2);
  }
  return { width: 0, height: 0 };
}

/** The size in the first chunk of a WebP (RFC 9649). */
function webpSize(view: DataView, chunk: string): PixelSize {
  const three = (at: number) => view.getUint8(at) + (view.getUint8(at + 1) << 8) + (view.getUint8(at + 2) << 16);
  if (chunk === 'VP8X') return { width: three(24) + 1, height: three(27) + 1 };
  if (chunk === 'VP8 ') return { width: view.getUint16(26, true) & 0x3fff, height: view.getUint16(28, true) & 0x3fff };
  const bits = view.getUint32(21, true);
  return { width: (bits & 0x3fff) + 1, height: ((bits >> 14) & 0x3fff) + 1 };
}
