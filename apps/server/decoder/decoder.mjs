// Decodes pictures in a process of its own, which may be ended at any time and holds nothing but the picture it works on.
// Asked for { act: 'read' | 'still', bytes }; answers { picture }, { bytes } or { problem }.
import { setPriority } from 'node:os';
import sharp from 'sharp';

/** The longest side that is kept, in pixels: three times a projector's width is more than can be seen. */
const LONGEST_SIDE = 4096;
/** The most pixels that are decoded at all. */
const MOST_PIXELS = 9_000 * 9_000;

/** Media types of the pictures that may stay as they are, by the decoder's name for them. */
const mediaTypes = { png: 'image/png', jpeg: 'image/jpeg', webp: 'image/webp', gif: 'image/gif' };

/** What is said of a picture that is not taken: a status, a code, and its values. */
class Refusal extends Error {
  constructor(status, code, values) {
    super(code);
    this.problem = { status, code, values };
  }
}

// Whoever waits for an answer of the server comes before whoever waits for a picture.
setPriority(19);
sharp.cache(false);

process.on('message', async ({ act, bytes }) => {
  try {
    process.send(act === 'still' ? { bytes: await still(bytes) } : { picture: await read(bytes) });
  } catch (error) {
    process.send({ problem: error instanceof Refusal ? error.problem : { status: 422, code: 'broken-picture' } });
  }
});
// Nobody is left to ask.
process.on('disconnect', () => process.exit());

/** The first picture of a moving one, as WebP. */
function still(bytes) {
  return sharp(bytes, { pages: 1, limitInputPixels: MOST_PIXELS }).webp({ quality: 88 }).toBuffer();
}

/**
 * Reads uploaded bytes. Pictures of a known kind within bounds stay as they are, turned upright where their camera says
 * so; larger ones are scaled down; drawings are drawn into a PNG, so that no script can come along.
 */
async function read(bytes) {
  const found = await sharp(bytes)
    .metadata()
    .catch(() => null);
  if (!found || !(found.format === 'svg' || mediaTypes[found.format])) throw new Refusal(415, 'not-a-picture');
  const pixels = found.width * found.height * (found.pages ?? 1);
  if (pixels > MOST_PIXELS)
    throw new Refusal(413, 'too-many-pixels', { millions: millions(pixels), most: millions(MOST_PIXELS) });
  return decode(bytes, found);
}

/** Rounded up, so that what is too much reads as more. */
function millions(pixels) {
  return Math.ceil(pixels / 1e6);
}

async function decode(bytes, { format, width, height, orientation, pages }) {
  const mediaType = mediaTypes[format];
  const moving = (pages ?? 1) > 1;
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
