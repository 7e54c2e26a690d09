/** Placement: pieces put into a zone. */
import { type Deck, itemsOf, nameOf, type ZoneItem } from '../../deck/index.js';
import type { Work } from '../../work/index.js';
import { emptyMark, type Mark, markOf } from '../mark.js';
import type { QuestionKind } from '../question-kind.js';

/** One point for each piece that belongs into the zone, less one for each that does not, never below nothing. */
export function markPlacement(zone: ZoneItem, work: Work, edition: Deck): Mark | null {
  const expected = zone.belongs.filter((id) => edition.items[id]?.loose);
  if (expected.length === 0) return null;
  const placed = placedIn(zone, work, edition);
  if (placed.length === 0) return emptyMark(expected.length, 'No piece placed.');
  const right = placed.filter((id) => expected.includes(id)).length;
  const wrong = placed.length - right;
  const points = Math.max(0, right - wrong);
  const misplaced = wrong === 0 ? '' : `, ${wrong} that ${wrong === 1 ? 'does' : 'do'} not belong`;
  return markOf(points, expected.length, `${right} of ${expected.length} that belong here${misplaced}.`);
}

/** The pieces a student put into a zone, by id. */
export function placedIn(zone: ZoneItem, work: Work, edition: Deck): readonly string[] {
  return itemsOf(edition, zone.slideId)
    .filter((item) => item.loose && work.pieces[item.id]?.zoneId === zone.id)
    .map((item) => item.id);
}

export const placementQuestion: QuestionKind<'zone'> = {
  mark: markPlacement,
  given: (zone, work, edition) =>
    placedIn(zone, work, edition)
      .flatMap((id) => (edition.items[id] ? [nameOf(edition.items[id])] : []))
      .join(', '),
};
