/** Whether something is filled in: what counts as having said something, for each kind of item. */
import { type Deck, type Item, type ItemId, itemsOf, piecesOn, type SlideId, sourceOfPiece } from '../deck/index.js';
import type { Work } from './work.js';

/** Whether a question has an answer that says something. */
export function isAnswered(work: Work, itemId: ItemId): boolean {
  const answer = work.answers[itemId];
  switch (answer?.kind) {
    case undefined:
      return false;
    case 'choice':
      return answer.picked.length > 0;
    case 'words':
      return answer.text.trim() !== '';
    case 'dots':
      return answer.dots.length > 0;
    case 'sound':
      return answer.bytes !== '';
  }
}

/** Whether an item is filled in; of a zone, whether anything lies in it. */
export function isFilledIn(item: Item, work: Work): boolean {
  switch (item.kind) {
    case 'blank':
      return (work.blanks[item.id] ?? '').trim() !== '';
    case 'zone':
      return Object.values(work.pieces).some((place) => place.zoneId === item.id);
    case 'draw':
      return isDrawnOn(item.id, work);
    case 'open-area':
      return isDrawnOn(item.id, work) || Object.values(work.added).some(({ areaId }) => areaId === item.id);
    default:
      return isAnswered(work, item.id);
  }
}

function isDrawnOn(itemId: ItemId, work: Work): boolean {
  return Object.values(work.drawn).some((stroke) => stroke.itemId === itemId);
}

/** Whether somebody has been on a slide, wherever they are now. */
export function hasSeen(work: Work, slideId: SlideId): boolean {
  return work.seen.includes(slideId) || work.way.includes(slideId);
}

/** What is asked on a slide, and how much of it is filled in. */
export interface Progress {
  readonly asked: number;
  readonly filled: number;
}

/** Which items somebody cannot fill in, though they are there. */
export type IsFixed = (itemId: ItemId) => boolean;

const nothingFixed: IsFixed = () => false;

/**
 * How much of what a slide asks (pieces to place, blanks, questions, open areas) is filled in; of what is not somebody's
 * to fill in, nothing is asked.
 */
export function progressOn(edition: Deck, work: Work, slideId: SlideId, isFixed = nothingFixed): Progress {
  const items = itemsOf(edition, slideId).filter((item) => !item.hidden && !isFixed(item.id));
  const questions = items.filter((item) => isToFillIn(item));
  const pieces = items.some((item) => item.kind === 'zone')
    ? piecesOn(edition, slideId).filter(({ manner }) => manner.pile === 0)
    : [];
  const filled = questions.filter((item) => isFilledIn(item, work)).length;
  const placed = pieces.filter(({ id }) => work.pieces[id]?.zoneId != null).length;
  return { asked: questions.length + pieces.length, filled: filled + placed };
}

/** Whether an item is one that has to be filled in: a question, but for zones, which are filled piece by piece. */
function isToFillIn(item: Item): boolean {
  return takesAnswer(item) || item.kind === 'blank' || item.kind === 'draw' || item.kind === 'open-area';
}

/** Whether an item takes an answer of its own. */
export function takesAnswer(item: Item | undefined): boolean {
  switch (item?.kind) {
    case 'choice':
    case 'short-text':
    case 'long-text':
    case 'number':
    case 'point':
    case 'spoken':
      return true;
    default:
      return false;
  }
}

/** Whether somebody draws on an item. */
export function takesInk(item: Item | undefined): boolean {
  return item?.kind === 'draw' || item?.kind === 'open-area';
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
