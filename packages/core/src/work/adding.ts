/** Adding to an open area: where things come to lie, and how they are moved and sized without leaving it. */
import { type Deck, WHOLE_PICTURE, sharpnessOf, sizeOf } from '../deck/index.js';
import { type Box, restingPlace } from '../geometry/index.js';
import { addedOn } from './apply-work.js';
import {
  type Added,
  type AddedPicture,
  type AddedSign,
  type AddedSticker,
  type AddedText,
  addedLetters,
  type Work,
} from './work.js';

/** What is added, without its place. */
export type AddedContent =
  | Pick<AddedText, 'kind' | 'text' | 'size'>
  | Pick<AddedPicture, 'kind' | 'bytes' | 'type' | 'pixels' | 'alt' | 'credit'>
  | Pick<AddedSticker, 'kind' | 'sticker' | 'alt'>
  | Pick<AddedSign, 'kind' | 'strokes' | 'alt'>;

/** Room that is kept around what is added, and the smallest side of it, in slide units. */
const RIM = 8;
const SMALLEST = 32;
/** Width and height that things come with, in slide units; a smaller area gives less. */
const TEXT = { width: 400, height: 110 };
const PICTURE = { width: 360, height: 300 };
const SIGN = { width: 96, height: 96 };

/** Something that is added where there is room for it; `null` when there is no such area. */
export function placeAdded(edition: Deck, work: Work, areaId: string, content: AddedContent): Added | null {
  const area = edition.items[areaId];
  if (area?.kind !== 'open-area') return null;
  const most = { width: area.frame.width - 2 * RIM, height: area.frame.height - 2 * RIM };
  const size = sizeFor(content, most);
  const place = restingPlace(size, area.frame, addedOn(edition, work, area.slideId));
  return { areaId, ...content, ...within({ ...place, ...size }, area.frame) };
}

function sizeFor(content: AddedContent, most: { readonly width: number; readonly height: number }) {
  const usual = content.kind === 'text' ? TEXT : content.kind === 'picture' ? PICTURE : SIGN;
  const width = Math.min(usual.width, most.width);
  const height = Math.min(usual.height, most.height);
  if (content.kind === 'text') return { width, height };
  const ratio = content.kind === 'picture' ? content.pixels.width / content.pixels.height : 1;
  return ratio > width / height ? { width, height: width / ratio } : { width: height * ratio, height };
}

/** The same thing elsewhere in its area, as near to a place in slide units as the area lets it be. */
export function moveAdded(edition: Deck, added: Added, x: number, y: number): Added {
  const area = edition.items[added.areaId];
  return area ? { ...added, ...within({ ...added, x, y }, area.frame) } : added;
}

/** The same thing larger or smaller by a factor, within its area; pictures, signs and stickers keep their shape. */
export function sizeAdded(edition: Deck, added: Added, factor: number): Added {
  const area = edition.items[added.areaId];
  if (!area) return added;
  if (added.kind === 'text') {
    const size = Math.round(Math.min(addedLetters.most, Math.max(addedLetters.least, added.size * factor)));
    return { ...added, size };
  }
  const room = Math.min(area.frame.width / added.width, area.frame.height / added.height);
  const least = SMALLEST / Math.min(added.width, added.height);
  const times = Math.max(least, Math.min(room, factor));
  return { ...added, ...within({ ...added, width: added.width * times, height: added.height * times }, area.frame) };
}

function within({ x, y, width, height }: Box, area: Box): Box {
  const held = (value: number, from: number, room: number) => Math.min(Math.max(value, from), from + Math.max(0, room));
  return {
    x: held(x, area.x, area.width - width),
    y: held(y, area.y, area.height - height),
    width: Math.min(width, area.width),
    height: Math.min(height, area.height),
  };
}

/** What the back row would not make out: letters that are too small, a picture that is blurred on the projector. */
export function hardToSee(edition: Deck, added: Added): 'small-letters' | 'blurred' | null {
  if (added.kind === 'text') return added.size < addedLetters.readable ? 'small-letters' : null;
  if (added.kind !== 'picture') return null;
  const { verdict } = sharpnessOf(added.pixels, WHOLE_PICTURE, added, sizeOf(edition).width);
  return verdict === 'blurred' ? 'blurred' : null;
}
