/** Whether something is filled in: what counts as having said something, for each kind of item. */
import { type Deck, type Item, type ItemId, itemsOf, piecesOn, type SlideId, sourceOfPiece } from '../deck/index.js';
import { fillKindOf } from './fill-kinds.js';
import { emptyWork, type Work } from './work.js';

/** Whether an item is filled in; of a zone, whether anything lies in it. */
export function isFilledIn(item: Item, work: Work): boolean {
  return fillKindOf(item)?.isFilled(item, work) ?? false;
}

/** Whether somebody has been on a slide, wherever they are now. */
export function hasSeen(work: Work, slideId: SlideId): boolean {
  return work.seen.includes(slideId) || work.walk.includes(slideId);
}

/** What is asked on a slide, and how much of it is filled in. */
interface Progress {
  readonly asked: number;
  readonly filled: number;
}

/** Which items somebody cannot fill in, though they are there. */
export type IsFixed = (itemId: ItemId) => boolean;

/** Whether anything on a slide is filled in, answered or moved. */
export function isToFillIn(edition: Deck, slideId: SlideId): boolean {
  return progressOn(edition, emptyWork, slideId).asked > 0 || piecesOn(edition, slideId).length > 0;
}

const nothingFixed: IsFixed = () => false;

/**
 * How much of what a slide asks (pieces to place, blanks, questions, open areas) is filled in; of what is not somebody's
 * to fill in, nothing is asked.
 */
export function progressOn(edition: Deck, work: Work, slideId: SlideId, isFixed = nothingFixed): Progress {
  const items = itemsOf(edition, slideId).filter((item) => !item.hidden && !isFixed(item.id));
  const questions = items.filter((item) => fillKindOf(item)?.countsAsOne);
  const pieces = items.some((item) => item.kind === 'zone')
    ? piecesOn(edition, slideId).filter(({ manner }) => manner.pile === 0)
    : [];
  const filled = questions.filter((item) => isFilledIn(item, work)).length;
  const placed = pieces.filter(({ id }) => work.pieces[id]?.zoneId != null).length;
  return { asked: questions.length + pieces.length, filled: filled + placed };
}

/** Progress over all slides of an edition. */
export function progressOver(edition: Deck, work: Work, isFixed = nothingFixed): Progress {
  return Object.keys(edition.slides)
    .map((slideId) => progressOn(edition, work, slideId, isFixed))
    .reduce((sum, one) => ({ asked: sum.asked + one.asked, filled: sum.filled + one.filled }), { asked: 0, filled: 0 });
}

/** The items that work has something for; of a piece, the item it was made of. */
export function filledItems(work: Work): readonly ItemId[] {
  return [
    ...Object.keys(work.pieces).map(sourceOfPiece),
    ...Object.keys(work.blanks),
    ...Object.keys(work.answers),
    ...Object.values(work.added).map(({ areaId }) => areaId),
    ...Object.values(work.drawn).map(({ itemId }) => itemId),
    ...Object.keys(work.sure),
  ];
}
