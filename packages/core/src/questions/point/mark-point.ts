/** Marking dots on a picture: by regions, or by a place along a scale. */
import type { PointAxis, PointItem, Region } from '../../deck/index.js';
import type { Dot, Work } from '../../work/index.js';
import { emptyMark, type Mark, markOf } from '../mark.js';
import { READ_BY_A_PERSON } from '../typed-mark.js';

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
 * each dot outside all of them. A line: half for each end, an arrow's in its direction.
 */
export function markPoint(item: PointItem, work: Work): Mark | null {
  const { points, regions, axis } = item;
  if (!hasPointKey(item)) return null;
  const dots = dotsIn(work, item.id);
  const [first] = dots;
  if (!first) return emptyMark(points, 'Nothing pointed at.');
  if (axis) return markOnScale(axis, first, points);
  if (item.mark === 'dots') return markDots(item, dots);
  if (item.mark === 'dot') {
    const isHit = regions.some((region) => isIn(region, first));
    return isHit ? markOf(1, points, 'In the right place.') : markOf(0, points, 'Not in the right place.');
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
  const unit = axis.unit === '' ? '' : ` ${axis.unit}`;
  if (off <= axis.tolerance + Math.abs(axis.to - axis.from) * 1e-9)
    return markOf(1, points, 'At the right place on the scale.');
  return markOf(0, points, `${Math.round(off * 100) / 100}${unit} off: right is ${right}${unit}.`);
}

function markDots({ regions, points }: PointItem, dots: readonly Dot[]): Mark {
  const hit = regions.filter((region) => dots.some((dot) => isIn(region, dot))).length;
  const outside = dots.filter((dot) => !regions.some((region) => isIn(region, dot))).length;
  const why = `${hit} of ${regions.length} places found, ${outside} dots elsewhere.`;
  return markOf(Math.max(0, hit - outside) / regions.length, points, why);
}

function markLine({ regions: [start, end], points, mark }: PointItem, [from, to]: readonly Dot[]): Mark {
  if (!from || !to) return markOf(0, points, 'It has only one end.');
  const ends = (one: Dot, other: Dot) =>
    [start, end].flatMap((region, at) => (region ? [isIn(region, at === 0 ? one : other)] : []));
  const asDrawn = ends(from, to);
  const turned = mark === 'line' ? ends(to, from) : asDrawn;
  const count = (hits: readonly boolean[]) => hits.filter(Boolean).length;
  const hit = Math.max(count(asDrawn), count(turned));
  const why = `${hit} of ${asDrawn.length} ends in the right place.`;
  return markOf(hit / asDrawn.length, points, why);
}

/** How pointing is marked, in a sentence. */
export function ruleForPoint({ axis, regions, mark }: PointItem): string {
  if (axis) {
    const unit = axis.unit === '' ? '' : ` ${axis.unit}`;
    return axis.right === null
      ? READ_BY_A_PERSON
      : `All points within ${axis.tolerance}${unit} of ${axis.right}${unit}.`;
  }
  if (regions.length === 0) return READ_BY_A_PERSON;
  if (mark === 'dot') return 'All points for a dot in one of the regions.';
  if (mark === 'dots') return 'A share for each region found, less one for each dot outside all of them.';
  return mark === 'arrow'
    ? 'Half for each end in its region, in the right direction.'
    : 'Half for each end in its region, whichever way it was drawn.';
}
