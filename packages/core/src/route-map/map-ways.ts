/** The ways that a map shows: links tied to their words, and the running order. */
import { type Deck, type Destination, type ItemId, type SlideId, slidesInOrder } from '../deck/index.js';
import { type Link, linksFrom, onwardByOrder, slideLedTo } from '../routes/index.js';

/** A way from one slide to another. */
export interface MapWay {
  /** Names the way for as long as what carries it stands. */
  readonly key: string;
  readonly from: SlideId;
  readonly to: SlideId;
  /** The link it stands for; `null` for the running order. */
  readonly link: Link | null;
}

/** A link that leads to no slide on the map: back, the end, a web address, or a slide that is gone. */
export interface LooseEnd {
  readonly key: string;
  readonly itemId: ItemId;
  readonly carrier: string;
  readonly destination: Destination;
}

/** All ways between slides, by slides in running order; where the order leads along a link, only the link is shown. */
export function mapWays(deck: Deck): readonly MapWay[] {
  return slidesInOrder(deck).flatMap((slide) => {
    const links = linksFrom(deck, slide.id).flatMap((link, index): MapWay[] => {
      const to = slideLedTo(deck, slide.id, link.destination);
      return to === null ? [] : [{ key: wayKey(link, index), from: slide.id, to, link }];
    });
    const next = onwardByOrder(deck, slide.id);
    const isLinked = links.some((way) => way.to === next?.id);
    return next && !isLinked
      ? [...links, { key: `${slide.id} order`, from: slide.id, to: next.id, link: null }]
      : links;
  });
}

/** The links of a slide that lead to no slide on the map. */
export function looseEnds(deck: Deck, slideId: SlideId): readonly LooseEnd[] {
  return linksFrom(deck, slideId).flatMap((link, index) =>
    slideLedTo(deck, slideId, link.destination) === null
      ? [{ key: wayKey(link, index), itemId: link.itemId, carrier: link.carrier, destination: link.destination }]
      : [],
  );
}

function wayKey(link: Link, index: number): string {
  return `${link.from} ${link.itemId} ${index}`;
}

/** The slides that can be come to from one, or from which one can come to it; itself included. */
export function slidesAlong(ways: readonly MapWay[], slideId: SlideId, side: 'onward' | 'back'): ReadonlySet<SlideId> {
  const next = new Map<SlideId, SlideId[]>();
  for (const { from, to } of ways) {
    const [one, other] = side === 'onward' ? [from, to] : [to, from];
    const known = next.get(one);
    if (known) known.push(other);
    else next.set(one, [other]);
  }
  const found = new Set([slideId]);
  for (const id of found) for (const other of next.get(id) ?? []) found.add(other);
  return found;
}
