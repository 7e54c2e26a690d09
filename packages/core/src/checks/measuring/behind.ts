/** What colour a place of a slide has behind something. */
import { colourIn, type Item, pictureBehind, shapeContains, sizeOf } from '../../deck/index.js';
import { centreOf, containsPoint, type Point, turnPoint } from '../../geometry/index.js';
import type { Given, SlideLook } from '../rule.js';
import { over, sampleAt, type Sampled } from './samples.js';

/** A colour at a place; `null` where it cannot be known. */
type ColourAt = string | null;

/**
 * The colour behind an item at a place, in slide units; of what the item itself lays under its words as well.
 * @param within whether the item's own ground counts
 */
export function colourBehind(look: SlideLook, item: Item, place: Point, within: boolean, given: Given): ColourAt {
  const at = look.items.findIndex(({ id }) => id === item.id);
  const under = look.items.slice(0, at + (within ? 1 : 0));
  const layers: Sampled[] = [];
  for (const layer of under.toReversed()) {
    const seen = layerAt(look, layer, place, given);
    if (seen === 'unknown') return null;
    if (seen) layers.push(seen);
    if (seen && seen.opacity >= 1) break;
  }
  const base = layers.some(({ opacity }) => opacity >= 1) ? '#ffffff' : groundAt(look, place, given);
  if (base === null) return null;
  return layers.reduceRight((below, { colour, opacity }) => over(colour, opacity, below), base);
}

function layerAt(look: SlideLook, item: Item, place: Point, given: Given): Sampled | 'unknown' | null {
  const { theme } = look;
  switch (item.kind) {
    case 'shape':
      if (item.fill === 'transparent' || !shapeContains(item.shape, item.frame, place)) return null;
      return { colour: colourIn(theme, item.fill), opacity: item.opacity };
    case 'picture': {
      if (!shapeContains(item.shape, item.frame, place)) return null;
      const samples = given.colours(item.picture);
      if (!samples) return 'unknown';
      const { x, y } = turnPoint(place, centreOf(item.frame), -item.frame.rotation);
      const whole = pictureBehind(item.crop, item.frame);
      const [u, v] = [(x - item.frame.x - whole.x) / whole.width, (y - item.frame.y - whole.y) / whole.height];
      const seen = sampleAt(samples, item.flippedAcross ? 1 - u : u, item.flippedDown ? 1 - v : v);
      return { colour: seen.colour, opacity: seen.opacity * item.opacity };
    }
    case 'table':
      if (item.fill === 'transparent' || !containsPoint(item.frame, place)) return null;
      // Headings have a ground of their own: what stands on it is the theme's to tell apart.
      return item.headings === 'none' ? { colour: colourIn(theme, item.fill), opacity: item.opacity } : 'unknown';
    case 'text':
    case 'line':
    case 'sign':
    case 'hotspot':
    case 'viewpoint':
      return null;
    default:
      // Questions, zones, videos: what they look like is drawn, and no colour of theirs.
      return containsPoint(item.frame, place) ? 'unknown' : null;
  }
}

function groundAt({ slide, theme, deck }: SlideLook, { x, y }: Point, given: Given): ColourAt {
  const ground = colourIn(theme, slide.background);
  const { width, height } = sizeOf(deck);
  if (slide.groundPicture) {
    const samples = given.colours(slide.groundPicture.picture);
    if (!samples || slide.groundPicture.lay !== 'fill') return null;
    const seen = sampleAt(samples, x / width, y / height);
    return over(seen.colour, seen.opacity * (1 - slide.groundPicture.faded), ground);
  }
  if (!slide.wash) return ground;
  // As CSS runs colours: along the angle, from corner to corner (CSS Images 3, section 3.1.1).
  const angle = (slide.wash.angle * Math.PI) / 180;
  const length = Math.abs(width * Math.sin(angle)) + Math.abs(height * Math.cos(angle));
  const along = ((x - width / 2) * Math.sin(angle) - (y - height / 2) * Math.cos(angle)) / length + 0.5;
  return over(colourIn(theme, slide.wash.to), Math.min(1, Math.max(0, along)), ground);
}
