/** The colours that are seen most in a picture, by their hue and lightness. */
import type { PictureColour } from '@gobrel/contract';
import sharp from 'sharp';

/** A picture is looked at so small, in pixels. */
const SIDE = 32;
/** A colour is one of a picture's where it covers this part of what is seen. */
const PART = 0.14;

/** Where hues end, in degrees. */
const hues: readonly (readonly [number, PictureColour])[] = [
  [18, 'red'],
  [44, 'orange'],
  [68, 'yellow'],
  [165, 'green'],
  [255, 'blue'],
  [330, 'purple'],
  [360, 'red'],
];

/** Finds them. @param svg a drawing */
export async function coloursOf(svg: string): Promise<readonly PictureColour[]> {
  const { data, info } = await sharp(Buffer.from(svg))
    .resize(SIDE, SIDE, { fit: 'fill' })
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const counts = new Map<PictureColour, number>();
  let seen = 0;
  for (let at = 0; at < data.length; at += info.channels) {
    const [red = 0, green = 0, blue = 0, alpha = 0] = data.subarray(at, at + 4);
    if (alpha < 128) continue;
    seen += 1;
    const colour = colourOf(red, green, blue);
    counts.set(colour, (counts.get(colour) ?? 0) + 1);
  }
  return [...counts].filter(([, count]) => count >= seen * PART).map(([colour]) => colour);
}

/** The name of a colour. @param red from 0 to 255, as green and blue */
export function colourOf(red: number, green: number, blue: number): PictureColour {
  const [most, least] = [Math.max(red, green, blue), Math.min(red, green, blue)];
  const lightness = (most + least) / 510;
  const strength = most === least ? 0 : (most - least) / (255 - Math.abs(most + least - 255) || 1);
  if (lightness < 0.14) return 'black';
  if (lightness > 0.9) return 'white';
  if (strength < 0.13) return lightness > 0.8 ? 'white' : 'grey';
  const step = most - least;
  const turn =
    most === red ? ((green - blue) / step) % 6 : most === green ? (blue - red) / step + 2 : (red - green) / step + 4;
  const hue = (turn * 60 + 360) % 360;
  const name = hues.find(([end]) => hue < end)?.[1] ?? 'red';
  // Dark orange is what everybody calls brown.
  return (name === 'orange' || name === 'red') && lightness < 0.42 && strength < 0.6 ? 'brown' : name;
}
