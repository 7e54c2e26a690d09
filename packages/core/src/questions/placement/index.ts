/** Placement: pieces put into a zone. */
import { piecesIn, sourceOfPiece, type ZoneItem } from '../../deck/index.js';
import { emptyWork, putIntoZone, applyWorkChanges, type Work, type WorkChange } from '../../work/index.js';
import type { Deck } from '../../deck/index.js';
import type { QuestionKind } from '../question-kind.js';
import { expectedIn, markPlacement, placedIn, ruleForPlacement } from './mark-placement.js';

export { expectedIn, placedIn } from './mark-placement.js';
export * from './layer-placements.js';
export * from './tally-placements.js';

export const placementQuestion: QuestionKind<'zone'> = {
  mark: markPlacement,
  // A zone without a key is a place to sort into, and nobody marks it.
  isRead: () => false,
  rule: ruleForPlacement,
  given: (zone, work, edition) =>
    placedIn(zone, work, edition)
      .map((id) => piecesIn(edition).get(sourceOfPiece(id))?.name ?? '')
      .filter((name) => name !== '')
      .join(', '),
  keyed: keyedPlacement,
  // The zones of a slide get their keys together: a piece has one place.
  keyFrom: () => null,
};

/** Puts the pieces of the key into their zone one after the other, as a student would. */
function keyedPlacement(zone: ZoneItem, edition: Deck): readonly WorkChange[] {
  const wanted = zone.needs === 'one' ? expectedIn(zone, edition).slice(0, 1) : expectedIn(zone, edition);
  let work: Work = emptyWork;
  const changes: WorkChange[] = [];
  for (const id of wanted) {
    const drop = putIntoZone(edition, work, id, zone.id);
    changes.push(...(drop?.changes ?? []));
    work = applyWorkChanges(work, drop?.changes ?? []);
  }
  return changes;
}
