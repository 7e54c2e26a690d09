/**
 * Which slides somebody can come to as things stand: along the running order and every link whose gate is open. What lies
 * beyond need not be on their device yet.
 */
import { type Deck, readSlide, type Slide, type SlideId, withoutHidden } from '../deck/index.js';
import { firstSlide, linksFrom, nextInOrder, slideLedTo } from '../routes/index.js';
import { branchByAnswer, holdOf, type Walker } from './gates.js';

/**
 * The slides that can be come to without anything else being seen, found, filled in or answered. What somebody says they
 * have seen counts only where they could come to it.
 * @param walker what is known of them: `isRight` is to tell only of answers that were looked at already
 * @param from slides they may have come to otherwise, as when a teacher led them there
 */
export function slidesInReach(
  deck: Deck,
  walker: Pick<Walker, 'work' | 'isRight'>,
  from: readonly SlideId[] = [],
): ReadonlySet<SlideId> {
  const drawn = withoutHidden(deck);
  const start = firstSlide(drawn);
  const reached = new Set([...(start ? [start.id] : []), ...from.filter((id) => drawn.slides[id])]);
  for (let before = -1; before < reached.size;) {
    before = reached.size;
    const seen = walker.work.seen.filter((id) => reached.has(id));
    // What is added while it is gone through is gone through too.
    for (const slideId of reached) for (const next of onward(drawn, slideId, walker, seen)) reached.add(next);
  }
  return reached;
}

/** Where a slide leads on as things stand. */
function onward(deck: Deck, slideId: SlideId, walker: Walker, seen: readonly SlideId[]): readonly SlideId[] {
  const next = deck.slides[slideId]?.exits === 'links-only' ? null : nextInOrder(deck, slideId);
  const led = linksFrom(deck, slideId).flatMap(({ destination }) => {
    if (destination.gate && holdOf(deck, destination.gate, walker, seen)) return [];
    if (destination.to !== 'by-answer') return slideLedTo(deck, slideId, destination) ?? [];
    const branch = branchByAnswer(deck, destination, walker);
    return branch.type === 'slide' && branch.slideId !== null && deck.slides[branch.slideId] ? [branch.slideId] : [];
  });
  return next ? [next.id, ...led] : led;
}

/**
 * A deck with nothing on the slides beyond some that were reached, not even their names: only their places are left, so
 * that links to them lead somewhere, and what stands on every slide of a layout.
 */
export function withoutBeyond(deck: Deck, reached: ReadonlySet<SlideId>): Deck {
  const slides = Object.entries(deck.slides).map(([id, slide]): [SlideId, Slide] => [
    id,
    reached.has(id) ? slide : placeOf(slide),
  ]);
  const items = Object.entries(deck.items).filter(([, { slideId, onLayout }]) => onLayout || reached.has(slideId));
  return { ...deck, slides: Object.fromEntries(slides), items: Object.fromEntries(items) };
}

/** A slide of which nothing is known but where it stands. */
function placeOf({ id, rank, leftOut, layout }: Slide): Slide {
  return readSlide(id, { rank, leftOut, layout });
}
