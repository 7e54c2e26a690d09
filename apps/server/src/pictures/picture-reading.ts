/** Recognises a picture by its content, decodes it, and bounds it; a drawing (SVG) becomes pixels. */
import sharp, { type Metadata } from 'sharp';
import { refuse, refuseWith } from '../errors/index.js';

/** A picture that can be stored and shown; sizes in pixels. */
interface ReadPicture {
  readonly bytes: Buffer;
  readonly mediaType: string;
  readonly width: number;
  readonly height: number;
  /** Whether it is a moving picture. */
  readonly moving: boolean;
}

/** The first picture of a moving one, as WebP. */
export function stillOf(bytes: Buffer): Promise<Buffer> {
  return sharp(bytes, { pages: 1 }).webp({ quality: 88 }).toBuffer();
}

/** The longest side that is kept, in pixels: three times a projector's width is more than can be seen. */
const LONGEST_SIDE = 4096;
/** The most pixels that are decoded at all. */
const MOST_PIXELS = 12_000 * 12_000;

/** Media types of the pictures that may stay as they are, by the decoder's name for them. */
const mediaTypes: Readonly<Record<string, string>> = {
  png: 'image/png',
  jpeg: 'image/jpeg',
  webp: 'image/webp',
  gif: 'image/gif',
};

/**
 * Reads uploaded bytes. Pictures of a known kind within bounds stay as they are, turned upright where their
 * camera says so; larger ones are scaled down; drawings are drawn into a PNG, so that no script can come along.
 * Throws a refusal in words when the bytes are not a picture or cannot be decoded.
 */
export async function readPicture(bytes: Buffer): Promise<ReadPicture> {
  const found = await recognise(bytes);
  const pixels = found.width * found.height * (found.pages ?? 1);
  if (pixels > MOST_PIXELS)
    throw refuseWith(413, 'too-many-pixels', { millions: millions(pixels), most: millions(MOST_PIXELS) });
  try {
    return await decode(bytes, found);
  } catch {
    throw refuse(422, 'broken-picture');
  }
}

/** Rounded up, so that what is too much reads as more. */
function millions(pixels: number): number {
  return Math.ceil(pixels / 1e6);
}

async function recognise(bytes: Buffer): Promise<Metadata> {
  const found = await sharp(bytes)
    .metadata()
    .catch(() => null);
  if (found && (found.format === 'svg' || mediaTypes[found.format])) return found;
  throw refuse(415, 'not-a-picture');
}

async function decode(bytes: Buffer, found: Metadata): Promise<ReadPicture> {
  const { format, width, height, orientation } = found;
  const mediaType = mediaTypes[format];
  const moving = (found.pages ?? 1) > 1;
  const image = sharp(bytes, { limitInputPixels: MOST_PIXELS, animated: mediaType !== undefined, failOn: 'error' });
  const fits = Math.max(width, height) <= LONGEST_SIDE;
  if (mediaType && fits && (orientation ?? 1) === 1) {
    // Decodes all of it, so that a broken picture is found out now and not in front of the class.
    await image.stats();
    return { bytes, mediaType, width, height, moving };
  }
  const upright = moving ? image : image.autoOrient();
  const scaled = fits ? upright : upright.resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside' });
  const keepsEdges = !moving && (format === 'svg' || format === 'png');
  const written = keepsEdges ? scaled.png() : scaled.webp({ quality: 88 });
  const { data, info } = await written.toBuffer({ resolveWithObject: true });
  return {
    bytes: data,
    mediaType: keepsEdges ? 'image/png' : 'image/webp',
    width: info.width,
    height: info.pageHeight ?? info.height,
    moving,
  };
}
