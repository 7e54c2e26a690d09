/** What becomes of items when they are copied: new ids, and links, zones and groups that follow them. */
import type { Destination } from '../destination.js';
import type { Item, LineEnd } from '../item.js';
import type { SlideId } from '../identifiers.js';
import { mapDestinations } from '../rich-text.js';

/** New ids for copies of items and of the groups they are in, by the old ones. */
export function copyIdsFor(items: readonly Item[], createId: () => string): ReadonlyMap<string, string> {
  const old = new Set(items.flatMap((item) => [item.id, ...item.groups]));
  return new Map([...old].map((id) => [id, createId()]));
}

/** A copy of an item for another slide, with ids looked up in `copies` and destinations re-tied. */
export function copyItem(
  item: Item,
  slideId: SlideId,
  copies: ReadonlyMap<string, string>,
  retie: (destination: Destination) => Destination = (destination) => destination,
): Item {
  const base = {
    ...item,
    id: copies.get(item.id) ?? item.id,
    slideId,
    link: item.link && retie(item.link),
    groups: item.groups.map((group) => copies.get(group) ?? group),
  };
  switch (base.kind) {
    case 'text':
    case 'shape':
      return { ...base, text: mapDestinations(base.text, retie) };
    case 'line': {
      const end = (of: LineEnd): LineEnd =>
        of.at === null ? of : { ...of, at: copies.get(of.at) ?? (item.slideId === slideId ? of.at : null) };
      return { ...base, from: end(base.from), to: end(base.to) };
    }
    case 'zone':
      return { ...base, belongs: base.belongs.map((piece) => copies.get(piece) ?? piece) };
    default:
      return base;
  }
}
