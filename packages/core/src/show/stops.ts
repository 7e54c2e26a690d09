/**
 * The stops of a slide: what *next* goes through before it leaves the slide. First the slide as a whole where its
 * overview comes first, with its items appearing step by step, then its viewpoints in order, then the whole again
 * where the overview comes last.
 */
import {
  type Deck,
  isMedia,
  type Item,
  type ItemId,
  itemsOf,
  readFields,
  readNumber,
  type SlideId,
  type ViewpointItem,
  viewpointsInOrder,
} from '../deck/index.js';

/** A moment of a show: a slide, what of it is looked at, and how much of it has appeared. */
export interface Stop {
  readonly slideId: SlideId;
  /** The viewpoint that is looked at; `null` for the slide as a whole. */
  readonly viewpointId: ItemId | null;
  /** The step up to which items have appeared; those of a later step are not seen yet. */
  readonly appeared: number;
}

/** The steps with which items appear on a slide, in order, without 0. */
export function appearancesOn(deck: Deck, slideId: SlideId): readonly number[] {
  const steps = itemsOf(deck, slideId).flatMap((item) => (item.hidden ? [] : stepsOf(item).filter((step) => step > 0)));
  return [...new Set(steps)].sort((a, b) => a - b);
}

/** The step with which an item appears, and the one with which it plays by itself. */
function stepsOf(item: Item): readonly number[] {
  return isMedia(item) && item.plays !== null ? [item.appears, item.plays] : [item.appears];
}

/** The stops of a slide, in order; at least one. */
export function stopsOf(deck: Deck, slideId: SlideId): readonly [Stop, ...Stop[]] {
  const appearances = appearancesOn(deck, slideId);
  const all = appearances.at(-1) ?? 0;
  const viewpoints = viewpointsInOrder(deck, slideId);
  const overview = viewpoints.length === 0 ? 'first' : (deck.slides[slideId]?.overview ?? 'first');
  const opensWhole = overview === 'first' || overview === 'first-and-last';
  const closesWhole = overview === 'last' || overview === 'first-and-last';
  const at = (viewpointId: ItemId | null, appeared: number): Stop => ({ slideId, viewpointId, appeared });
  // What appears does so where the slide is looked at first.
  const opening = opensWhole ? null : (viewpoints[0]?.id ?? null);
  const [, ...onwards] = opensWhole ? [null, ...viewpoints] : viewpoints;
  return [
    at(opening, 0),
    ...appearances.map((step) => at(opening, step)),
    ...onwards.flatMap((viewpoint) => (viewpoint ? [at(viewpoint.id, all)] : [])),
    ...(closesWhole ? [at(null, all)] : []),
  ];
}

/** The stop at a viewpoint, with everything on its slide; for links that lead there. */
export function stopAtViewpoint(deck: Deck, { id, slideId }: ViewpointItem): Stop {
  return { slideId, viewpointId: id, appeared: appearancesOn(deck, slideId).at(-1) ?? 0 };
}

/**
 * A stop as another device told it: `null` when it names no slide of the deck; the slide as a whole when it names no
 * viewpoint of that slide.
 */
export function readStop(deck: Deck, told: unknown): Stop | null {
  const fields = readFields(told);
  const [slideId, viewpointId] = [fields?.['slideId'], fields?.['viewpointId']];
  if (typeof slideId !== 'string' || !Object.hasOwn(deck.slides, slideId)) return null;
  const viewpoint =
    typeof viewpointId === 'string' && Object.hasOwn(deck.items, viewpointId) && deck.items[viewpointId];
  return {
    slideId,
    viewpointId: viewpoint && viewpoint.kind === 'viewpoint' && viewpoint.slideId === slideId ? viewpoint.id : null,
    appeared: readNumber(fields?.['appeared'], 0, 0),
  };
}

/** Whether two stops are the same. */
export function isSameStop(a: Stop, b: Stop): boolean {
  return a.slideId === b.slideId && a.viewpointId === b.viewpointId && a.appeared === b.appeared;
}
