/** What can be read from the last row of a room. */
import { type CheckSettings, type Deck, sizeOf } from '../../deck/index.js';

/** The least height of capitals, as an angle in minutes of arc (ISO 9241-303:2011, 5.5.4). */
const LEAST_ANGLE = 16;
/** How high capitals are, as a part of the size of letters; of the fonts that come along, the middle one. */
const CAPITALS = 0.7;

/** The least size of letters that the last row can read, in slide units. */
export function leastLetters(deck: Deck, { screenWidth, distance }: CheckSettings): number {
  const height = Math.tan((LEAST_ANGLE / 60) * (Math.PI / 180)) * distance;
  return ((height / CAPITALS) * sizeOf(deck).width) / screenWidth;
}

/** From how far off letters can be read, in metres. @param size in slide units */
export function readFrom(deck: Deck, size: number, { screenWidth }: CheckSettings): number {
  const height = (size * CAPITALS * screenWidth) / sizeOf(deck).width;
  return height / Math.tan((LEAST_ANGLE / 60) * (Math.PI / 180));
}
