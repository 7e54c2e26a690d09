/** Commands on layouts: a slide with its parts, and another layout for a slide that is there. */
import { isWordBox } from '../text/texts.js';
import { boundsOf, boxesMeet } from '../../geometry/index.js';
import { applyChanges, type Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import { newId, type SlideId } from '../model/identifiers.js';
import type { Item, TextLook } from '../model/item.js';
import { nameOf } from '../kinds/item-kinds.js';
import { frameOfPart, type LayoutPart, layouts, partsIn } from '../appearance/layouts.js';
import type { LayoutName } from '../model/slide.js';
import { USUAL_STYLES } from '../text/text-style.js';
import { addItem, leaveToLayout, removeItems } from './items.js';
import { addSlide } from './slides.js';

/** Adds a slide with the parts of a layout, empty, after another one or at the end. */
export function addSlideFrom(
  deck: Deck,
  layout: LayoutName,
  options: { id: SlideId; name: string; after?: SlideId; createId?: () => string },
): Change[] {
  const added = addSlide(deck, options);
  const withSlide = applyChanges(deck, added);
  const laidOut = setLayout(withSlide, options.id, layout, options.createId);
  return [...added, ...laidOut, { type: 'set-slide', id: options.id, fields: { exits: layouts[layout].exits } }];
}

/**
 * Gives a slide another layout. What plays a part in both moves to its new place; what has no part any more goes when
 * it is empty and stays where it is otherwise, so that nothing is lost and going back to the old layout takes it along.
 * A part that nothing plays is placed where it covers nothing. How the slide is left stays as its author set it.
 */
export function setLayout(deck: Deck, slideId: SlideId, layout: LayoutName, createId: () => string = newId): Change[] {
  const slide = deck.slides[slideId];
  if (!slide) return [];
  const parts = partsIn(deck.theme, layout);
  const present = itemsOf(deck, slideId);
  const before = partsIn(deck.theme, slide.layout);
  const left = layout === slide.layout ? [] : leaveToLayout(deck, slideId);
  const changes: Change[] = [...left, { type: 'set-slide', id: slideId, fields: { layout } }];
  let next = deck;
  const add = (more: readonly Change[]) => {
    changes.push(...more);
    next = applyChanges(next, more);
  };
  const wanted = new Set(parts.map((part) => part.role));
  for (const item of present)
    if (item.role && !wanted.has(item.role) && isEmpty(item)) add(removeItems(next, [item.id]));
  for (const part of parts) {
    const frame = frameOfPart(part, sizeOf(deck));
    const player = present.find((item) => item.role === part.role);
    if (player) add([{ type: 'set-item', id: player.id, fields: { frame, ...lookFor(player, before, part) } }]);
  }
  for (const part of parts) {
    const isPlayed = present.some((item) => item.role === part.role);
    if (!isPlayed && !coversSomething(next, slideId, part)) add(placePart(next, slideId, part, createId()));
  }
  return changes;
}

/** Whether a part would lie over something of the slide that says or shows something. */
function coversSomething(deck: Deck, slideId: SlideId, part: LayoutPart): boolean {
  const place = frameOfPart(part, sizeOf(deck));
  return itemsOf(deck, slideId).some(
    (item) =>
      item.layer === 'slide' &&
      !item.onLayout &&
      !item.hidden &&
      !isEmpty(item) &&
      item.kind !== 'viewpoint' &&
      boxesMeet(boundsOf(item.frame), place),
  );
}

/** How titles of title slides were set before text styles had one for them. */
const FIRST_OPENING = {
  ...USUAL_STYLES.title,
  style: 'title',
  size: 64,
  own: ['size'],
  align: 'left',
  fit: 'leave',
} as const;

/** The new part's look for words that had the look of their old part; an author's own look stays. */
function lookFor(item: Item, before: readonly LayoutPart[], part: LayoutPart): { look?: TextLook } {
  if (!isWordBox(item) || !part.look) return {};
  const old = before.find((other) => other.role === item.role)?.look;
  const earlier = old?.style === 'opening' ? [{ ...old, ...FIRST_OPENING }] : [];
  const isUsual = [...(old ? [old] : []), ...earlier].some(
    (look) => JSON.stringify({ ...item.look, ...look }) === JSON.stringify(item.look),
  );
  return isUsual ? { look: { ...item.look, ...part.look } } : {};
}

function placePart(deck: Deck, slideId: SlideId, part: LayoutPart, id: string): Change[] {
  const frame = frameOfPart(part, sizeOf(deck));
  const byTheme = part.kind === 'shape' ? { boxStyle: 'button' } : {};
  const fields = part.look ? { look: { ...part.look }, ...byTheme } : byTheme;
  return addItem(deck, { id, slideId, kind: part.kind, role: part.role, frame, fields });
}

/** Whether an item says and shows nothing yet, and leads nowhere. */
function isEmpty(item: Item): boolean {
  if (item.link) return false;
  return item.kind === 'picture' ? item.picture === '' : nameOf(item) === '';
}
