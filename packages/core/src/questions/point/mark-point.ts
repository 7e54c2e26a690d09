/** Marking dots on a picture: by regions, or by a place along a scale. */
import type { PointAxis, PointItem, Region } from '../../deck/index.js';
import type { Dot, Work } from '../../work/index.js';
import { emptyMark, type Mark, markOf } from '../mark.js';
import { READ_BY_PERSON, type Rule } from '../rule.js';

/** The dots a student put down; of a line, its two ends. */
export function dotsIn(work: Work, itemId: string): readonly Dot[] {
  const answer = work.answers[itemId];
  return answer?.kind === 'dots' ? answer.dots : [];
}

/** Whether a dot lies in a region, its edge included. */
export function isIn({ shape, x, y, width, height }: Region, dot: Dot): boolean {
  if (shape === 'box') return dot.x >= x && dot.x <= x + width && dot.y >= y && dot.y <= y + height;
  if (width === 0 || height === 0) return false;
  const [across, down] = [(dot.x - x - width / 2) / (width / 2), (dot.y - y - height / 2) / (height / 2)];
  return across * across + down * down <= 1;
}

/** Where on its scale a dot lies. */
export function valueAt({ from, to, upright }: PointAxis, dot: Dot): number {
  return from + (to - from) * (upright ? 1 - dot.y : dot.x);
}

/** The dot for a place on a scale. */
export function atValue({ from, to, upright }: PointAxis, value: number): Dot {
  const share = Math.min(1, Math.max(0, (value - from) / (to - from)));
  return upright ? { x: 0.5, y: 1 - share } : { x: share, y: 0.5 };
}

/**
 * One dot: all points within a region, or near enough on the scale. Several: a share for each region hit, less one for
 * each dot outside all of them. A line: half for each end, an arrow's in its direction. `null` without a key.
 */
export function markPoint(item: PointItem, work: Work): Mark | null {
  const { points, regions, axis } = item;
  if (!hasPointKey(item)) return null;
  const dots = dotsIn(work, item.id);
  const [first] = dots;
  if (!first) return emptyMark(points, { code: 'nothing-pointed' });
  if (axis) return markOnScale(axis, first, points);
  if (item.mark === 'dots') return markDots(item, dots);
  if (item.mark === 'dot') {
    const isHit = regions.some((region) => isIn(region, first));
    return isHit ? markOf(1, points, { code: 'right-place' }) : markOf(0, points, { code: 'not-the-place' });
  }
  return markLine(item, dots);
}

/** Whether there is anything that a dot could be right by. */
export function hasPointKey({ axis, regions }: PointItem): boolean {
  return axis ? axis.right !== null : regions.length > 0;
}

function markOnScale(axis: PointAxis, dot: Dot, points: number): Mark {
  const right = axis.right ?? 0;
  const off = Math.abs(valueAt(axis, dot) - right);
  if (off <= axis.tolerance + Math.abs(axis.to - axis.from) * 1e-9)
    return markOf(1, points, { code: 'right-on-scale' });
  return markOf(0, points, {
    code: 'off-scale',
    off: onScale(axis, Math.round(off * 100) / 100),
    key: onScale(axis, right),
  });
}

function markDots({ regions, points }: PointItem, dots: readonly Dot[]): Mark {
  const hit = regions.filter((region) => dots.some((dot) => isIn(region, dot))).length;
  const outside = dots.filter((dot) => !regions.some((region) => isIn(region, dot))).length;
  const share = Math.max(0, hit - outside) / regions.length;
  return markOf(share, points, { code: 'places', found: hit, of: regions.length, elsewhere: outside });
}

function markLine({ regions: [start, end], points, mark }: PointItem, [from, to]: readonly Dot[]): Mark {
  if (!from || !to) return markOf(0, points, { code: 'one-end' });
  const ends = (one: Dot, other: Dot) =>
    [start, end].flatMap((region, at) => (region ? [isIn(region, at === 0 ? one : other)] : []));
  const asDrawn = ends(from, to);
  const turned = mark === 'line' ? ends(to, from) : asDrawn;
  const count = (hits: readonly boolean[]) => hits.filter(Boolean).length;
  const hit = Math.max(count(asDrawn), count(turned));
  return markOf(hit / asDrawn.length, points, { code: 'ends', right: hit, of: asDrawn.length });
}

/** How pointing is marked. */
export function ruleForPoint({ axis, regions, mark }: PointItem): Rule {
  if (axis) {
    if (axis.right === null) return READ_BY_PERSON;
    return { code: 'scale', tolerance: onScale(axis, axis.tolerance), key: onScale(axis, axis.right) };
  }
  return regions.length === 0 ? READ_BY_PERSON : { code: mark };
}

/** A value with the unit of its scale. */
function onScale({ unit }: PointAxis, value: number): string {
  return `${value} ${unit}`.trim();
}
