/** Fractional ranks: strings that sort, with always room for another one in between. */
import { generateKeyBetween, generateNKeysBetween } from 'fractional-indexing';

/** Something kept in order by a rank; equal ranks (two people at once) are told apart by id. */
interface Ranked {
  readonly id: string;
  readonly rank: string;
}

/** Orders by rank, then id: the same on every machine. */
export function byRank(a: Ranked, b: Ranked): number {
  if (a.rank !== b.rank) return a.rank < b.rank ? -1 : 1;
  return a.id < b.id ? -1 : a.id > b.id ? 1 : 0;
}

/** Whether a string is a rank that others can be placed beside. */
export function isRank(rank: string): boolean {
  try {
    generateKeyBetween(rank, null);
    return rank !== '';
  } catch {
    return false;
  }
}

/**
 * A rank that places something at `index` of an ordered list (which does not hold it).
 * Beside neighbours of equal rank it lands after them, since nothing fits between equals.
 */
export function rankAt(ordered: readonly Ranked[], index: number): string {
  const usable = ordered.map((entry) => (isRank(entry.rank) ? entry.rank : null));
  const before = usable.slice(0, Math.max(0, index)).findLast((rank) => rank !== null) ?? null;
  const after = usable.slice(Math.max(0, index)).find((rank) => rank !== null && (before === null || rank > before));
  return generateKeyBetween(before, after ?? null);
}

/** `count` ascending ranks, the first of them at `index` of an ordered list. */
export function ranksAt(ordered: readonly Ranked[], index: number, count: number): readonly string[] {
  const list = [...ordered];
  const ranks: string[] = [];
  for (let offset = 0; offset < count; offset += 1) {
    const rank = rankAt(list, index + offset);
    ranks.push(rank);
    list.splice(index + offset, 0, { id: '', rank });
  }
  return ranks;
}

/** `count` ascending ranks between two, `null` for the ends of the list; in time that grows with their count only. */
export function ranksBetween(before: string | null, after: string | null, count: number): readonly string[] {
  const least = before !== null && isRank(before) ? before : null;
  const most = after !== null && isRank(after) && (least === null || after > least) ? after : null;
  return generateNKeysBetween(least, most, count);
}
