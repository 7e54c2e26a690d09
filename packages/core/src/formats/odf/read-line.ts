/** Lines of a page, which may be tied to shapes. */
import { boundsOfAll, type Side } from '../../geometry/index.js';
import type { XmlElement } from '../xml/index.js';
import { readLength } from './names.js';
import type { ShapeLooks } from './shape-looks.js';

/** Points at which connectors are tied, from the top clockwise. */
const sides: readonly Side[] = ['top', 'right', 'bottom', 'left'];

const heads: readonly (readonly [RegExp, string])[] = [
  [/^arrow$|line.arrow|open/i, 'arrow'],
  [/circle|dot|round/i, 'dot'],
  [/diamond|square.45/i, 'diamond'],
  [/bar|dimension/i, 'bar'],
];

/**
 * Reads a line as what gives the fields of its item, once it is known which items it is tied to; 'moves' for one without places of its own,
 * `null` for one without length.
 */
export function readLine(element: XmlElement, looks: ShapeLooks) {
  const { attributes } = element;
  const [x1, y1, x2, y2] = ['svg:x1', 'svg:y1', 'svg:x2', 'svg:y2'].map((name) => readLength(attributes[name]));
  if (x1 === null || y1 === null || x2 === null || y2 === null) return 'moves';
  const [start, stop] = [
    { x: x1 ?? 0, y: y1 ?? 0 },
    { x: x2 ?? 0, y: y2 ?? 0 },
  ];
  const frame = boundsOfAll([
    { ...start, width: 0, height: 0, rotation: 0 },
    { ...stop, width: 0, height: 0, rotation: 0 },
  ]);
  if (!frame) return null;
  const stroke = looks.stroke(element);
  const properties = looks.properties(element, 'graphic');
  const head = (name: string | undefined) =>
    name === undefined || name === '' ? 'none' : (heads.find(([says]) => says.test(name))?.[1] ?? 'triangle');
  const kind = attributes['draw:type'] ?? 'standard';
  const u = (x: number) => (frame.width > 0 ? (x - frame.x) / frame.width : 0);
  const v = (y: number) => (frame.height > 0 ? (y - frame.y) / frame.height : 0);
  return (idOf: (own: string) => string | null) => {
    const end = (at: { readonly x: number; readonly y: number }, name: 'start' | 'end') => {
      const tied = idOf(attributes[`draw:${name}-shape`] ?? '');
      const point = Number(attributes[`draw:${name}-glue-point`] ?? Number.NaN);
      return {
        u: u(at.x),
        v: v(at.y),
        at: tied,
        side: tied === null ? null : (sides[point] ?? null),
        head: head(properties[`draw:marker-${name}`]),
      };
    };
    return {
      kind: 'line',
      frame: { ...frame, width: Math.max(1, frame.width), height: Math.max(1, frame.height), rotation: 0 },
      from: end(start, 'start'),
      to: end(stop, 'end'),
      connectorStyle:
        element.name === 'draw:line' || kind === 'line' ? 'straight' : kind === 'curve' ? 'curve' : 'elbow',
      sideways: frame.width >= frame.height,
      outline: stroke.color,
      outlineWidth: stroke.width || 1,
      dash: stroke.dash,
      opacity: stroke.opacity,
    };
  };
}
