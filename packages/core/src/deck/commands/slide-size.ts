/** Another slide size for a deck, with its content scaled to it or kept as large as it is. */
import type { Frame } from '../../geometry/index.js';
import type { Change, ItemFields } from '../model/change.js';
import { type Deck, sizeOf, type SlideSize } from '../model/deck.js';
import type { Item } from '../model/item.js';
import { kindOf } from '../kinds/item-kinds.js';
import { stylesScaled } from '../text/text-style.js';

/** What becomes of the content: `scale` lets it fill the new slide, `keep` leaves its size. */
export type Refitting = 'scale' | 'keep';

/**
 * Sets the slide size. What covered the whole slide covers it still; everything else keeps its proportions and its
 * place about the slide's middle.
 */
export function setSlideSize(deck: Deck, size: Deck['size'], refitting: Refitting): Change[] {
  const [from, to] = [sizeOf(deck), sizeOf({ size })];
  if (from.width === to.width && from.height === to.height) return [];
  const scale = refitting === 'scale' ? Math.min(to.width / from.width, to.height / from.height) : 1;
  return [
    { type: 'set-deck', fields: { size, theme: { ...deck.theme, styles: stylesScaled(scale, deck.theme.styles) } } },
    ...Object.values(deck.items).map((item): Change => ({
      type: 'set-item',
      id: item.id,
      fields: covers(item.frame, from) ? coverFields(item, to) : scaledFields(item, from, to, scale),
    })),
  ];
}

function covers(frame: Frame, slide: SlideSize): boolean {
  const { x, y, width, height, rotation } = frame;
  return rotation === 0 && x <= 0 && y <= 0 && x + width >= slide.width && y + height >= slide.height;
}

function coverFields(item: Item, to: SlideSize): ItemFields {
  return { frame: { x: 0, y: 0, ...to, rotation: 0 }, ...kindOf(item).stretched(item, to) };
}

function scaledFields(item: Item, from: SlideSize, to: SlideSize, scale: number): ItemFields {
  const { frame } = item;
  const about = (at: number, length: number, before: number, after: number) =>
    after / 2 + (at + length / 2 - before / 2) * scale - (length * scale) / 2;
  const moved: Frame = {
    x: about(frame.x, frame.width, from.width, to.width),
    y: about(frame.y, frame.height, from.height, to.height),
    width: frame.width * scale,
    height: frame.height * scale,
    rotation: frame.rotation,
  };
  return scale === 1 ? { frame: moved } : { frame: moved, ...kindOf(item).scaled(item, scale) };
}
