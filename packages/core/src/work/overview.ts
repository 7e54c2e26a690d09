/** What a student sees of all their slides: which they may go to, and what is still missing on each. */
import { type Deck, itemsOf, piecesOn, type SlideId, slidesInOrder } from '../deck/index.js';
import { type IsFixed, hasSeen, isFilledIn, progressOn } from './filled-in.js';
import { fillKindOf } from './fill-kinds.js';
import type { Work } from './work.js';

/** A slide of the overview. */
export interface OverviewSlide {
  readonly slideId: SlideId;
  /** How much is asked on it, and how much of that is filled in. */
  readonly asked: number;
  readonly filled: number;
  /** The names of pieces that lie in no zone; '' for one that says nothing. */
  readonly unplaced: readonly string[];
  /** How many questions, blanks and open areas are empty. */
  readonly empty: number;
}

/**
 * The slides somebody may go to, in running order. Where all slides are left by *next*, that is all that are in the show;
 * where a story leads by its links, only what was seen, so that nothing is given away.
 * @param at the slide they are on
 */
export function overviewOf(edition: Deck, work: Work, at: SlideId, isFixed: IsFixed): readonly OverviewSlide[] {
  const all = slidesInOrder(edition);
  const isStraight = all.every(({ exits }) => exits === 'open');
  return all.flatMap(({ id, leftOut }): OverviewSlide[] => {
    if (id !== at && !hasSeen(work, id) && !(isStraight && !leftOut)) return [];
    const items = itemsOf(edition, id).filter((item) => !item.hidden && !isFixed(item.id));
    const empty = items.filter((item) => fillKindOf(item)?.countsAsOne && !isFilledIn(item, work)).length;
    const unplaced = items.some((item) => item.kind === 'zone')
      ? piecesOn(edition, id).filter((piece) => piece.manner.pile === 0 && work.pieces[piece.id]?.zoneId == null)
      : [];
    return [
      { slideId: id, ...progressOn(edition, work, id, isFixed), unplaced: unplaced.map(({ name }) => name), empty },
    ];
  });
}
