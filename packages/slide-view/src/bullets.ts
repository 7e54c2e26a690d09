/** What stands before the points of a list, drawn in a square of 24 by 24. */
import type { BulletName } from '@gobrel/core/deck';
import { svgImage } from './svg-image.js';

/** Path data and the width of the line; 0 for a filled one. */
const bullets: Readonly<Record<Exclude<BulletName, 'disc'>, readonly [d: string, line: number]>> = {
  square: ['M6 6L18 6L18 18L6 18Z', 0],
  drop: ['M12 2C14.5 7 19 10.5 19 15.2C19 19 16 21.5 12 21.5C8 21.5 5 19 5 15.2C5 10.5 9.5 7 12 2Z', 0],
  half: ['M0 20C0 3 24 3 24 20Z', 0],
  dash: ['M3 13C8 11 15 14 21 11.5', 4],
  crest: ['M3 4L13 4C18.5 4 21 6.5 21 12L21 20L11 20C5.5 20 3 17.5 3 12Z', 0],
  ring: ['M12 5C21.3 5 21.3 19 12 19C2.7 19 2.7 5 12 5Z', 4.5],
  diamond: ['M12 2L21 12L12 22L3 12Z', 0],
  plus: ['M12 3L12 21M3 12L21 12', 4],
  stitch: ['M4 5L12 19L20 5', 5.5],
};

/** A mark as a CSS image to cut it out of a colour. */
export function bulletImage(name: Exclude<BulletName, 'disc'>): string {
  const [d, width] = bullets[name];
  const drawn =
    width === 0
      ? `<path d="${d}"/>`
      : `<path d="${d}" fill="none" stroke="#000" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`;
  return svgImage('0 0 24 24', drawn);
}
