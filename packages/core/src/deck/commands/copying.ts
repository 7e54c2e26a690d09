/** What becomes of items when they are copied: new ids, and links, zones and groups that follow them. */
import { type Destination, withGate } from '../destination.js';
import type { Gate } from '../gate.js';
import type { Item, LineEnd } from '../item.js';
import type { ItemId, SlideId } from '../identifiers.js';
import { mapDestinations } from '../rich-text.js';
import { mapTexts } from '../texts.js';

/** New ids for copies of items and of the groups they are in, by the old ones. */
export function copyIdsFor(items: readonly Item[], createId: () => string): ReadonlyMap<string, string> {
  const old = new Set(items.flatMap((item) => [item.id, ...item.groups]));
  return new Map([...old].map((id) => [id, createId()]));
}

/** New ids of what is copied, by the old ones; what is not copied keeps its own. */
export interface CopiedIds {
  readonly slide: (id: SlideId) => SlideId;
  readonly item: (id: ItemId) => ItemId;
}

/** A destination that leads among copies, where it led among what was copied; its gate goes along. */
export function retied(destination: Destination, { slide, item }: CopiedIds): Destination {
  const { gate } = destination;
  return withGate(retiedPlace(destination, slide, item), gate ? retiedGate(gate, slide, item) : null);
}

function retiedPlace(place: Destination, slide: CopiedIds['slide'], item: CopiedIds['item']): Destination {
  switch (place.to) {
    case 'slide':
      return { to: 'slide', slideId: slide(place.slideId) };
    case 'viewpoint':
      return { to: 'viewpoint', itemId: item(place.itemId) };
    case 'by-answer':
      return {
        ...place,
        questionId: item(place.questionId),
        right: place.right === null ? null : slide(place.right),
        wrong: place.wrong === null ? null : slide(place.wrong),
        choices: Object.fromEntries(Object.entries(place.choices).map(([choice, id]) => [choice, slide(id)])),
      };
    default:
      return place;
  }
}

function retiedGate(gate: Gate, slide: CopiedIds['slide'], item: CopiedIds['item']): Gate {
  switch (gate.opens) {
    case 'seen':
      return { opens: 'seen', slideId: slide(gate.slideId) };
    case 'seen-count':
      return gate;
    default:
      return { opens: gate.opens, itemId: item(gate.itemId) };
  }
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
    piece: { ...item.piece, within: item.piece.within && (copies.get(item.piece.within) ?? item.piece.within) },
  };
  const copyOf = (piece: string) => copies.get(piece) ?? piece;
  switch (base.kind) {
    case 'text':
    case 'shape':
    case 'table':
      return { ...base, ...mapTexts(base, (text) => mapDestinations(text, retie)) } as Item;
    case 'line': {
      const end = (of: LineEnd): LineEnd =>
        of.at === null ? of : { ...of, at: copies.get(of.at) ?? (item.slideId === slideId ? of.at : null) };
      return { ...base, from: end(base.from), to: end(base.to) };
    }
    case 'zone':
      return { ...base, belongs: base.belongs.map(copyOf), takes: base.takes.map(copyOf) };
    default:
      return base;
  }
}
