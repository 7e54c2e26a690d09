/** The key of a point question made of dots that somebody put on it. */
import { groundRatio, type PointItem, type Region } from '../../deck/index.js';
import type { Work } from '../../work/index.js';
import { dotsIn, isIn, valueAt } from './mark-point.js';

/** How wide a region around a dot is, as a share of the picture's width. */
const AROUND = 0.12;

/** Along a scale the place of the first dot; else regions around all dots: those that were hit, and new ones. */
export function keyFromDots(
  item: PointItem,
  work: Work,
  createId: () => string,
): Partial<Pick<PointItem, 'axis' | 'regions'>> {
  const dots = dotsIn(work, item.id);
  const [first] = dots;
  if (item.axis && first) return { axis: { ...item.axis, right: rounded(valueAt(item.axis, first), item.axis) } };
  const tall = groundRatio(item);
  const missed = dots.filter((dot) => !item.regions.some((region) => isIn(region, dot)));
  const kept = item.regions.filter((region) => dots.some((dot) => isIn(region, dot)));
  const made = missed.map(({ x, y }): Region => {
    const [width, height] = [AROUND, Math.min(1, AROUND * tall)];
    const within = (at: number, size: number) => Math.min(1 - size, Math.max(0, at - size / 2));
    return { id: createId(), shape: 'oval', x: within(x, width), y: within(y, height), width, height };
  });
  return { regions: [...kept, ...made] };
}

/** A value to about a hundredth of its scale: nobody points more exactly. */
function rounded(value: number, { from, to }: { readonly from: number; readonly to: number }): number {
  const step = 10 ** Math.floor(Math.log10(Math.abs(to - from) / 100));
  return Number((Math.round(value / step) * step).toPrecision(12));
}
