/** The rows and columns of a table that was found. */
import { lineField, ranksBetween, type TableAxis } from '../../deck/index.js';

/** The id of a row or column, by its place from 0. */
export const lineId = (axis: TableAxis, at: number) => `${axis === 'row' ? 'r' : 'c'}${at}`;

/** The fields of rows or columns. @param sizes of each, in any one measure */
export function foundLines(axis: TableAxis, sizes: readonly number[]) {
  const ranks = ranksBetween(null, null, sizes.length);
  return sizes.map((size, at) => [lineField(axis, lineId(axis, at)), { rank: ranks[at] ?? '', size }] as const);
}
