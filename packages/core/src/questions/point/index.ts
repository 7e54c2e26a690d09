/** Questions answered by pointing. */
import type { PointItem } from '../../deck/index.js';
import type { Dot, Work } from '../../work/index.js';
import type { QuestionKind } from '../question-kind.js';
import { keyFromDots } from './key-from-dots.js';
import { atValue, dotsIn, hasPointKey, markPoint, ruleForPoint, valueAt } from './mark-point.js';

export { atValue, dotsIn, isIn, valueAt } from './mark-point.js';
export * from './tally-points.js';

export const pointQuestion: QuestionKind<'point'> = {
  mark: markPoint,
  isRead: (item) => !hasPointKey(item),
  rule: ruleForPoint,
  given: givenPoints,
  keyFrom: keyFromDots,
  keyed: (item) => {
    const dots = keyDots(item);
    return dots.length === 0 ? [] : [{ part: 'answers', id: item.id, value: { kind: 'dots', dots } }];
  },
};

function givenPoints(item: PointItem, work: Work): string {
  const dots = dotsIn(work, item.id);
  const [first] = dots;
  if (!first) return '';
  if (item.axis) return `${Math.round(valueAt(item.axis, first) * 100) / 100} ${item.axis.unit}`.trim();
  const share = (value: number) => `${Math.round(value * 100)} %`;
  const place = ({ x, y }: Dot) => `${share(x)} across, ${share(y)} down`;
  return dots.map(place).join(item.mark === 'dots' ? '; ' : ' to ');
}

function keyDots(item: PointItem): readonly Dot[] {
  if (item.axis) return item.axis.right === null ? [] : [atValue(item.axis, item.axis.right)];
  const middles = item.regions.map(({ x, y, width, height }) => ({ x: x + width / 2, y: y + height / 2 }));
  if (item.mark === 'dots') return middles.slice(0, item.most);
  return middles.slice(0, item.mark === 'dot' ? 1 : 2);
}
