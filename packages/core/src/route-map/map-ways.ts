/** The ways that a map shows: links tied to their words, and the running order. */
import {
  type BranchAnswer,
  type Deck,
  type Destination,
  type ItemId,
  type SlideId,
  slidesInOrder,
} from '../deck/index.js';
import { branchesOf, type Link, linksFrom, onwardByOrder } from '../routes/index.js';

/** A way from one slide to another. */
export interface MapWay {
  /** Names the way for as long as what carries it stands. */
  readonly key: string;
  readonly from: SlideId;
  readonly to: SlideId;
  /** The link it stands for; `null` for the running order. */
  readonly link: Link | null;
  /** The answer by which the link leads here; `null` where it always does. */
  readonly answer: BranchAnswer | null;
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
      const branches = branchesOf(deck, slide.id, link.destination);
      return branches.map(({ slideId, answer }, branch) => ({
        key: `${wayKey(link, index)}${branch === 0 ? '' : ` ${branch}`}`,
        from: slide.id,
        to: slideId,
        link,
        answer,
      }));
    });
    const next = onwardByOrder(deck, slide.id);
    const isLinked = links.some((way) => way.to === next?.id);
    return next && !isLinked
      ? [...links, { key: `${slide.id} order`, from: slide.id, to: next.id, link: null, answer: null }]
      : links;
  });
}

/** The links of a slide that lead to no slide on the map. */
export function looseEnds(deck: Deck, slideId: SlideId): readonly LooseEnd[] {
  return linksFrom(deck, slideId).flatMap((link, index) =>
    branchesOf(deck, slideId, link.destination).length === 0
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

/** The slides on a shortest way from one to another, both included; none when no way leads there. */
export function shortestWay(ways: readonly MapWay[], from: SlideId, to: SlideId): readonly SlideId[] {
  const before = new Map<SlideId, SlideId | null>([[from, null]]);
  // A map gives what is added to it while it is gone through, in the order in which it was added.
  for (const [id] of before) {
    if (id === to) break;
    for (const way of ways) if (way.from === id && !before.has(way.to)) before.set(way.to, id);
  }
  const route: SlideId[] = [];
  for (let at: SlideId | null | undefined = before.has(to) ? to : null; at; at = before.get(at)) route.unshift(at);
  return route;
}
