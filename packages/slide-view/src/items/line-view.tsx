/** Draws a line with what it ends in, within its frame. */
import { drawnCourse, type LineHead, type LineItem } from '@gobrel/core/deck';
import { type Course, headingAt, pathOfConnector, type Point } from '@gobrel/core/geometry';
import { paint } from '../paint.js';
import type { ItemProps } from './item-props.js';
import { outlineStroke } from './outline-stroke.js';

/** How much of the line a head takes, in weights of the line: the line ends before the head's tip. */
const TAKEN: Readonly<Record<LineHead, number>> = { none: 0, arrow: 0.6, triangle: 2.4, dot: 1.4, diamond: 3, bar: 0 };
/** A line thinner than this still has heads that can be seen; slide units. */
const LEAST_WEIGHT = 4;
/** How wide the strip around a line is in which it can be pressed, in slide units. */
const GRASP = 28;

export function LineView({ item }: ItemProps<LineItem>) {
  const { frame, outlineWidth: weight } = item;
  const course = within(drawnCourse(item), frame);
  const size = Math.max(weight, LEAST_WEIGHT);
  const ends = (['from', 'to'] as const).map((which) => ({
    which,
    head: item[which].head,
    at: course[which],
    angle: headingAt(course, which),
  }));
  const short = ends.reduce(
    (led, { which, head, at, angle }) => ({ ...led, [which]: back(at, angle, TAKEN[head] * size) }),
    course,
  );
  return (
    <svg className="gv-line" width={frame.width} height={frame.height} aria-hidden="true" opacity={item.opacity}>
      <path className="gv-grasp" d={pathOfConnector(course)} strokeWidth={Math.max(GRASP, weight)} />
      <path d={pathOfConnector(short)} fill="none" {...outlineStroke(item, weight)} />
      {ends.map(({ which, head, at, angle }) => (
        <g
          key={which}
          transform={`translate(${at.x} ${at.y}) rotate(${angle}) scale(${size})`}
          fill={paint(item.outline)}
          stroke="none"
        >
          <Head head={head} color={paint(item.outline)} />
        </g>
      ))}
    </svg>
  );
}

/** What a line ends in, pointing to the right with its tip at the origin, for a line of weight 1. */
function Head({ head, color }: { head: LineHead; color: string }) {
  switch (head) {
    case 'arrow':
      return (
        <path
          d="M-3.2-2.4 -.4 0-3.2 2.4"
          fill="none"
          stroke={color}
          strokeWidth={1}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      );
    case 'triangle':
      return <path d="M0 0-3.6-2V2Z" />;
    case 'dot':
      return <circle cx={-0.4} r={1.8} />;
    case 'diamond':
      return <path d="M0 0-2.4-1.8-4.8 0-2.4 1.8Z" />;
    case 'bar':
      return <path d="M-.5-2.4h1v4.8h-1Z" />;
    case 'none':
      return null;
  }
}

function within(course: Course, frame: Point): Course {
  const shift = ({ x, y }: Point) => ({ x: x - frame.x, y: y - frame.y });
  return { ...course, from: shift(course.from), to: shift(course.to) };
}

function back(at: Point, angle: number, by: number): Point {
  const turned = (angle * Math.PI) / 180;
  return { x: at.x - Math.cos(turned) * by, y: at.y - Math.sin(turned) * by };
}
