/** Which look of the theme a shape gets when it becomes something to press or to move. */
import { boxProperties, type BoxProperty, type BoxStyleName } from '../appearance/box-look.js';
import { itemKinds } from '../kinds/item-kinds.js';
import type { ItemFields } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import type { Item, ShapeItem } from '../model/item.js';

/** What a new shape looks like. */
const asNew = itemKinds.shape.read({});

/** A shape that covers more than this part of its slide is a ground to press on, not a button. */
const LARGEST_BUTTON = 0.25;

/**
 * The fields that give a shape a look of the theme: none for what is no shape, goes by a look already, was given one by
 * hand, or is too large to be a button.
 */
export function fieldsForBox(deck: Pick<Deck, 'size'>, item: Item | undefined, style: BoxStyleName): ItemFields {
  if (item?.kind !== 'shape' || item.boxStyle === style) return {};
  const isPlain = item.boxStyle !== null || (item.opacity === 1 && boxProperties.every((name) => isAsNew(item, name)));
  const slide = sizeOf(deck);
  const isSmall = item.frame.width * item.frame.height <= slide.width * slide.height * LARGEST_BUTTON;
  return isPlain && isSmall ? { boxStyle: style } : {};
}

function isAsNew(item: ShapeItem, name: BoxProperty): boolean {
  if (name === 'color' || name === 'weight') return item.look[name] === asNew.look[name];
  return item[name] === asNew[name];
}
