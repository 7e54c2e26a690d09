/** Marking the pieces in a zone: which belong there, and in which order. */
import { type Deck, type PieceId, piecesIn, sourceOfPiece, type ZoneItem } from '../../deck/index.js';
import { standingIn, type Work } from '../../work/index.js';
import { emptyMark, type Mark, markOf } from '../mark.js';
import type { Rule } from '../rule.js';

/** The pieces in a zone, in the order in which they stand. */
export function placedIn(zone: ZoneItem, work: Work, edition: Deck): readonly PieceId[] {
  // Most zones are empty, and finding the order lays the work over the edition.
  if (!Object.values(work.pieces).some(({ zoneId }) => zoneId === zone.id)) return [];
  return standingIn(edition, work, zone).map(({ id }) => id);
}

/** The pieces that belong into a zone and are there to be put into it; a pile once for each copy that is wanted. */
export function expectedIn(zone: ZoneItem, edition: Deck): readonly PieceId[] {
  const known = piecesIn(edition);
  return zone.belongs.filter((id, at) => {
    const piece = known.get(id);
    return piece !== undefined && (piece.manner.pile !== 0 || zone.belongs.indexOf(id) === at);
  });
}

/**
 * The points of the zone for each piece that belongs there, less as many for each that does not, never below nothing.
 * Where the order counts, only pieces that stand in it one after the other do. Where one piece is enough, all points
 * for any that belongs, when none is there that does not.
 */
export function markPlacement(zone: ZoneItem, work: Work, edition: Deck): Mark | null {
  const expected = expectedIn(zone, edition);
  if (expected.length === 0) return null;
  const outOf = zone.points * (zone.needs === 'one' ? 1 : expected.length);
  const placed = placedIn(zone, work, edition).map(sourceOfPiece);
  if (placed.length === 0) return emptyMark(outOf, { code: 'nothing-placed' });
  const belonging = countShared(placed, expected);
  const wrong = placed.length - belonging;
  if (zone.needs === 'one')
    return markOf(belonging > 0 && wrong === 0 ? 1 : 0, outOf, { code: 'any-piece', right: belonging, wrong });
  const right = zone.inOrder ? longestShared(placed, expected) : belonging;
  const code = zone.inOrder ? 'pieces-in-order' : 'pieces';
  const share = Math.max(0, right - wrong) / expected.length;
  return markOf(share, outOf, { code, right, of: expected.length, wrong });
}

/** How a zone is marked. */
export function ruleForPlacement(zone: ZoneItem, edition: Deck): Rule {
  if (expectedIn(zone, edition).length === 0) return { code: 'no-piece' };
  const { points } = zone;
  if (zone.needs === 'one') return { code: 'any-piece', points };
  return { code: zone.inOrder ? 'pieces-in-order' : 'pieces', points };
}

/** How many of `placed` are among `expected`, each counted once. */
function countShared(placed: readonly PieceId[], expected: readonly PieceId[]): number {
  const left = [...expected];
  return placed.filter((id) => {
    const at = left.indexOf(id);
    if (at >= 0) left.splice(at, 1);
    return at >= 0;
  }).length;
}

/** Length of the longest common subsequence (Wagner and Fischer 1974). */
function longestShared(placed: readonly PieceId[], expected: readonly PieceId[]): number {
  let row = new Array<number>(expected.length + 1).fill(0);
  for (const id of placed) {
    const next = [0];
    expected.forEach((wanted, at) =>
      next.push(wanted === id ? (row[at] ?? 0) + 1 : Math.max(row[at + 1] ?? 0, next[at] ?? 0)),
    );
    row = next;
  }
  return row.at(-1) ?? 0;
}
