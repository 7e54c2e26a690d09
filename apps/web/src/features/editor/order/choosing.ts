/** Which slides are chosen together: by Ctrl, by Shift, and by keys. */
import { type Deck, entriesInSight, isSection, type SlideId } from '@gobrel/core/deck';
import { useDesk } from '../state/desk';

/** The slides that a command on slides is for: those chosen together, in running order, or the one worked on. */
export function chosenSlides(deck: Deck, current: SlideId, chosen: readonly SlideId[]): readonly SlideId[] {
  if (chosen.length < 2) return [current];
  const there = inSight(deck).filter((id) => chosen.includes(id));
  return there.length > 1 ? there : [current];
}

/** Slides in sight of the running order, in order: those in folded sections are left out. */
export function inSight(deck: Deck): readonly SlideId[] {
  return entriesInSight(deck, useDesk.getState().folded).flatMap((entry) => (isSection(entry) ? [] : [entry.id]));
}

/** The choice after a slide is added to it, or taken from it. */
export function toggled(current: SlideId, chosen: readonly SlideId[], id: SlideId): readonly SlideId[] {
  const present = chosen.length > 0 ? chosen : [current];
  return present.includes(id) ? present.filter((other) => other !== id) : [...present, id];
}

/** All slides in sight from one to another, whichever comes first. */
export function range(deck: Deck, from: SlideId, to: SlideId): readonly SlideId[] {
  const order = inSight(deck);
  const ends = [order.indexOf(from), order.indexOf(to)].sort((a, b) => a - b);
  return order.slice(Math.max(0, ends[0] ?? 0), (ends[1] ?? 0) + 1);
}
