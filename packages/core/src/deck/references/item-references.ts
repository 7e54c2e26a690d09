/** What an item refers to, and the item with those references mapped: the one way to copy, remove and re-tie. */
import type { Item } from '../model/item.js';
import { itemKinds } from '../kinds/item-kinds.js';
import { mapDestinations } from '../text/rich-text.js';
import { linkedWordsIn, mapTexts, textsOf } from '../text/texts.js';
import { mapDestinationRefs, refsOfDestination } from './destination-references.js';
import type { KindReferences, Reference, ReferenceMap } from './reference.js';

/** Everything an item refers to; its own slide is not among it. */
export function refsOf(item: Item): readonly Reference[] {
  return [
    ...heldRefsOf(item),
    ...(item.link ? refsOfDestination(item.link) : []),
    ...linkedWordsIn(item).flatMap(({ destination }) => refsOfDestination(destination)),
  ];
}

/** What an item refers to besides its links: what it lets go of when that is gone. */
export function heldRefsOf(item: Item): readonly Reference[] {
  const { within } = item.piece;
  return [
    ...item.groups.map((id): Reference => ({ to: 'group', id, by: 'member' })),
    ...(within === null ? [] : [{ to: 'item', id: within, by: 'within' } as const]),
    ...kindReferences(item).of(item),
  ];
}

/** An item with everything it refers to mapped. Its own id and slide stay. */
export function mapRefs(item: Item, map: ReferenceMap): Item {
  const { within } = item.piece;
  const texts =
    textsOf(item).length === 0
      ? {}
      : mapTexts(item, (text) => mapDestinations(text, (to) => mapDestinationRefs(to, map)));
  const base: Item = {
    ...item,
    ...texts,
    link: item.link && mapDestinationRefs(item.link, map),
    groups: item.groups.map(map.group),
    piece: { ...item.piece, within: within === null ? null : map.item(within) },
  };
  return kindReferences(base).map(base, map);
}

/** The entry for an item's own kind, typed for any item of the union. */
function kindReferences(item: Item): KindReferences<Item> {
  return itemKinds[item.kind].references;
}
