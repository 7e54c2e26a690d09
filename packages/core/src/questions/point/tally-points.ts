/** Dots of many students: where they lie thickest, and in which clusters. */
import { groundRatio, type PointItem } from '../../deck/index.js';
import type { Dot, Work } from '../../work/index.js';
import { dotsIn, isIn } from './mark-point.js';

/** Dots that lie close together. */
export interface DotCluster {
  /** The middle of its dots, in shares of the picture. */
  readonly x: number;
  readonly y: number;
  /** How many dots are in it. */
  readonly count: number;
  /** Whether its middle lies in a region of the key. */
  readonly right: boolean;
}

/** Where dots lie. */
export interface PointTally {
  readonly dots: readonly Dot[];
  readonly clusters: readonly DotCluster[];
  readonly density: Density;
  /** How many students pointed at something. */
  readonly answered: number;
}

/** How thick dots lie in each cell of a picture, in reading order; 1 where they lie thickest. */
export interface Density {
  /** How many cells lie beside one another. */
  readonly columns: number;
  /** How many cells lie below one another. */
  readonly rows: number;
  readonly cells: readonly number[];
}

const COLUMNS = 32;
/** Dots of one cluster are at most this far from the next one, as a share of the picture's width. */
const NEAR = 0.06;

/** Counts where students pointed. Clusters are dots tied by short steps (single linkage), the largest first. */
export function tallyPoints(item: PointItem, works: readonly Work[]): PointTally {
  const answers = works.map((work) => dotsIn(work, item.id)).filter((dots) => dots.length > 0);
  const dots = answers.flat().sort((a, b) => a.x - b.x || a.y - b.y);
  const tall = 1 / groundRatio(item);
  const clusters = clustersOf(dots, tall).map((members) => {
    const x = members.reduce((sum, dot) => sum + dot.x, 0) / members.length;
    const y = members.reduce((sum, dot) => sum + dot.y, 0) / members.length;
    return { x, y, count: members.length, right: item.regions.some((region) => isIn(region, { x, y })) };
  });
  const sorted = clusters.sort((a, b) => b.count - a.count || a.x - b.x || a.y - b.y);
  return { dots, clusters: sorted, density: densityOf(dots, tall), answered: answers.length };
}

/** Groups dots from left to right; only dots within reach are compared. */
function clustersOf(dots: readonly Dot[], tall: number): Dot[][] {
  const owner = dots.map((_, at) => at);
  const root = (at: number): number => (owner[at] === at ? at : (owner[at] = root(owner[at] ?? at)));
  dots.forEach((dot, at) => {
    for (let other = at - 1; other >= 0 && dot.x - (dots[other]?.x ?? 0) <= NEAR; other -= 1) {
      const near = dots[other];
      if (near && Math.hypot(dot.x - near.x, (dot.y - near.y) * tall) <= NEAR) owner[root(at)] = root(other);
    }
  });
  const clusters = new Map<number, Dot[]>();
  dots.forEach((dot, at) => clusters.set(root(at), [...(clusters.get(root(at)) ?? []), dot]));
  return [...clusters.values()];
}

/**
 * How thick dots lie: a Gaussian around every dot (Silverman 1986, chapter 4), as wide as the reach of a cluster.
 * @param tall height of the picture as a share of its width
 */
export function densityOf(dots: readonly Dot[], tall: number): Density {
  const rows = Math.max(1, Math.round(COLUMNS * tall));
  const cells = Array.from({ length: COLUMNS * rows }, (_, cell) => {
    const [x, y] = [((cell % COLUMNS) + 0.5) / COLUMNS, (Math.floor(cell / COLUMNS) + 0.5) / rows];
    return dots.reduce((sum, dot) => {
      const away = ((dot.x - x) ** 2 + ((dot.y - y) * tall) ** 2) / (NEAR / 1.5) ** 2;
      return away > 18 ? sum : sum + Math.exp(-away / 2);
    }, 0);
  });
  const most = cells.reduce((best, cell) => Math.max(best, cell), 0);
  return { columns: COLUMNS, rows, cells: most === 0 ? cells : cells.map((cell) => cell / most) };
}
