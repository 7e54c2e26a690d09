/** Laying work over its edition: the slides as that student has them. */
import { type Deck, type Item, itemsOf, type SlideId } from '../deck/index.js';
import type { AddedText, Work } from './work.js';

/** The edition with moved pieces in their places, in front in the order they were placed last. */
export function layOver(edition: Deck, work: Work): Deck {
  const moved = Object.entries(work.pieces).flatMap(([id, place]): [string, Item][] => {
    const item = edition.items[id];
    return item?.loose ? [[id, { ...item, frame: { ...item.frame, x: place.x, y: place.y } }]] : [];
  });
  return moved.length === 0 ? edition : { ...edition, items: { ...edition.items, ...Object.fromEntries(moved) } };
}

/** A text that a student added, with its id. */
export interface PlacedText extends AddedText {
  readonly id: string;
}

/** The texts a student added on one slide. */
export function addedOn(edition: Deck, work: Work, slideId: SlideId): readonly PlacedText[] {
  return Object.entries(work.added).flatMap(([id, added]) =>
    edition.items[added.areaId]?.slideId === slideId ? [{ id, ...added }] : [],
  );
}

/** Work that no longer fits its edition: entries by id whose item is gone or has changed its kind. */
export function strandedIn(edition: Deck, work: Work): readonly string[] {
  return [
    ...Object.keys(work.pieces).filter((id) => !edition.items[id]?.loose),
    ...Object.keys(work.blanks).filter((id) => edition.items[id]?.kind !== 'blank'),
    ...Object.keys(work.answers).filter((id) => !['choice', 'short-text'].includes(edition.items[id]?.kind ?? '')),
    ...Object.entries(work.added).flatMap(([id, added]) =>
      edition.items[added.areaId]?.kind === 'open-area' ? [] : [id],
    ),
  ];
}

/** What is asked on a slide, and how much of it is filled in. */
export interface Progress {
  readonly asked: number;
  readonly filled: number;
}

/** How much of what a slide asks (pieces to place, blanks, questions) is filled in. */
export function progressOn(edition: Deck, work: Work, slideId: SlideId): Progress {
  const items = itemsOf(edition, slideId);
  const hasZone = items.some((item) => item.kind === 'zone');
  let asked = 0;
  let filled = 0;
  const count = (isFilled: boolean) => {
    asked += 1;
    if (isFilled) filled += 1;
  };
  for (const item of items) {
    if (item.loose && hasZone) count(work.pieces[item.id]?.zoneId != null);
    if (item.kind === 'blank') count((work.blanks[item.id] ?? '').trim() !== '');
    if (item.kind === 'choice' || item.kind === 'short-text') count(isAnswered(work, item.id));
  }
  return { asked, filled };
}

/** Whether a question has an answer that says something. */
export function isAnswered(work: Work, itemId: string): boolean {
  const answer = work.answers[itemId];
  if (answer === undefined) return false;
  return answer.kind === 'choice' ? answer.picked.length > 0 : answer.text.trim() !== '';
}

/** Progress over all slides of an edition. */
export function progressOver(edition: Deck, work: Work): Progress {
  return Object.keys(edition.slides)
    .map((slideId) => progressOn(edition, work, slideId))
    .reduce((sum, one) => ({ asked: sum.asked + one.asked, filled: sum.filled + one.filled }), { asked: 0, filled: 0 });
}
