/** What leads to a slide and away from it, as its cards show it. */
import type { BranchAnswer, Deck, Destination, SlideId } from '@gobrel/core/deck';
import { branchesOf, type Link, linksFrom, linksTo, onwardByOrder, reachedByOrder } from '@gobrel/core/routes';

/** A slide from which this one is reached, by a link or only by the running order. */
export interface Arrival {
  readonly from: SlideId;
  readonly byOrder: boolean;
}

/** A way on from this slide: a link, one branch of a link that goes by an answer, or the running order. */
export interface Departure {
  readonly key: string;
  /** `null` for the running order. */
  readonly link: Link | null;
  readonly destination: Destination;
  /** The slide it leads to; `null` for what leads to no slide of its own. */
  readonly target: SlideId | null;
  readonly answer: BranchAnswer | null;
}

/** The slides from which this one is reached: by links first. */
export function arrivals(deck: Deck, slideId: SlideId): readonly Arrival[] {
  const linked = [...new Set(linksTo(deck, slideId).map((link) => link.from))];
  const ordered = reachedByOrder(deck, slideId)
    .map((slide) => slide.id)
    .filter((id) => !linked.includes(id));
  return [...linked.map((from) => ({ from, byOrder: false })), ...ordered.map((from) => ({ from, byOrder: true }))];
}

/** The ways on from this slide: links first, from back to front. */
export function departures(deck: Deck, slideId: SlideId): readonly Departure[] {
  const next = onwardByOrder(deck, slideId);
  const links = linksFrom(deck, slideId).flatMap((link, index): Departure[] => {
    const { destination } = link;
    const key = `${link.itemId} ${index}`;
    const branches = branchesOf(deck, slideId, destination);
    if (branches.length === 0) return [{ key, link, destination, target: null, answer: null }];
    return branches.map(({ slideId: target, answer }, branch) => ({
      key: `${key} ${branch}`,
      link,
      destination,
      target,
      answer,
    }));
  });
  const onward = next && { to: 'slide' as const, slideId: next.id };
  return onward
    ? [...links, { key: 'next', link: null, destination: onward, target: onward.slideId, answer: null }]
    : links;
}
