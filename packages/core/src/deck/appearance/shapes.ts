/**
 * The shapes that items and pictures can have, as outlines that fill a box of any size. Written as SVG path data
 * (https://www.w3.org/TR/SVG2/paths.html) with absolute M, L, C and Z only, so that whoever draws them needs no more.
 */
import type { Box } from '../../geometry/index.js';
import { namesIn } from '../model/reading.js';

/** Corners of an ordinary rectangle, in slide units. */
const CORNER = 8;
/** A circle's quarter as a cubic curve: the control points lie this part of the radius along the tangents. */
const QUARTER = 0.5523;

type Pair = readonly [x: number, y: number];
/** One stretch of an outline in parts of the box's width and height: a corner, or a curve's two controls and its end. */
type Stretch = Pair | readonly [Pair, Pair, Pair];

/** How a shape is drawn. */
interface Outline {
  /** @param corner size of its corners, in slide units; its own where it is not given. Few shapes have any to speak of. */
  readonly path: (width: number, height: number, corner?: number) => string;
  /** The part of the box in which words have room, in parts of its sides. */
  readonly room: Box;
}

const whole: Box = { x: 0, y: 0, width: 1, height: 1 };
const box = (x: number, y: number, width: number, height: number): Box => ({ x, y, width, height });

/**
 * An outline that is stretched with the box.
 * @param contours each as stretches, or written down: two numbers are a corner, six a curve; commas between them
 */
function stretched(room: Box, ...contours: readonly (string | readonly Stretch[])[]): Outline {
  const drawn = contours.map((contour) => (typeof contour === 'string' ? stretchesOf(contour) : contour));
  return {
    room,
    path: (width, height) => {
      const at = ([x, y]: Pair) => `${tidy(x * width)} ${tidy(y * height)}`;
      const piece = (stretch: Stretch, index: number) =>
        isCurve(stretch) ? `C${stretch.map(at).join(' ')}` : `${index === 0 ? 'M' : 'L'}${at(stretch)}`;
      return drawn.map((contour) => `${contour.map(piece).join('')}Z`).join('');
    },
  };
}

function stretchesOf(written: string): readonly Stretch[] {
  return written.split(', ').map((stretch): Stretch => {
    const [a = 0, b = 0, ...curve] = stretch.split(' ').map(Number);
    const [c = 0, d = 0, x = 0, y = 0] = curve;
    return curve.length === 0
      ? [a, b]
      : [
          [a, b],
          [c, d],
          [x, y],
        ];
  });
}

function isCurve(stretch: Stretch): stretch is readonly [Pair, Pair, Pair] {
  return typeof stretch[0] !== 'number';
}

function tidy(value: number): number {
  return Math.round(value * 100) / 100;
}

/** A rectangle whose corners keep their radius, as far as the box has room for it. */
function cornered(radiusOf: (width: number, height: number) => number, room: Box = whole): Outline {
  return {
    room,
    path: (width, height) => roundedPath(radiusOf(width, height), width, height),
  };
}

/** The outline of a rectangle whose corners have a radius, as far as the box has room for it. */
function roundedPath(wanted: number, width: number, height: number): string {
  const radius = Math.min(wanted, width / 2, height / 2);
  return stretched(whole, roundedCorners(radius / width, radius / height)).path(width, height);
}

function roundedCorners(rx: number, ry: number): readonly Stretch[] {
  const [cx, cy] = [rx * (1 - QUARTER), ry * (1 - QUARTER)];
  return [
    [rx, 0],
    [1 - rx, 0],
    [
      [1 - cx, 0],
      [1, cy],
      [1, ry],
    ],
    [1, 1 - ry],
    [
      [1, 1 - cy],
      [1 - cx, 1],
      [1 - rx, 1],
    ],
    [rx, 1],
    [
      [cx, 1],
      [0, 1 - cy],
      [0, 1 - ry],
    ],
    [0, ry],
    [
      [0, cy],
      [cx, 0],
      [rx, 0],
    ],
  ];
}

/** An ellipse around (x, y); drawn the other way round it makes a hole. */
function ellipse(x: number, y: number, rx: number, ry: number, hole = false): readonly Stretch[] {
  const [kx, ky] = [rx * QUARTER, ry * QUARTER];
  const turn = hole ? -1 : 1;
  return [
    [x, y - ry],
    [
      [x + turn * kx, y - ry],
      [x + turn * rx, y - ky],
      [x + turn * rx, y],
    ],
    [
      [x + turn * rx, y + ky],
      [x + turn * kx, y + ry],
      [x, y + ry],
    ],
    [
      [x - turn * kx, y + ry],
      [x - turn * rx, y + ky],
      [x - turn * rx, y],
    ],
    [
      [x - turn * rx, y - ky],
      [x - turn * kx, y - ry],
      [x, y - ry],
    ],
  ];
}

/** Corners evenly around the middle, the first at the top, stretched to fill the box. */
function around(count: number, inner = 1): readonly Pair[] {
  const corners = Array.from({ length: inner === 1 ? count : 2 * count }, (_, index): Pair => {
    const angle = (index / (inner === 1 ? count : 2 * count)) * 2 * Math.PI;
    const radius = index % 2 === 1 ? inner : 1;
    return [Math.sin(angle) * radius, -Math.cos(angle) * radius];
  });
  const span = (axis: 0 | 1) => {
    const all = corners.map((corner) => corner[axis]);
    return { least: Math.min(...all), size: Math.max(...all) - Math.min(...all) };
  };
  const [across, down] = [span(0), span(1)];
  return corners.map(([x, y]): Pair => [(x - across.least) / across.size, (y - down.least) / down.size]);
}

/** An outline of which two corners that lie across from each other are changed, as far as the box has room for that. */
function crossCut(contourFor: (x: number, y: number) => readonly Stretch[]): Outline {
  return {
    room: box(0.03, 0.02, 0.94, 0.96),
    path: (width, height, corner) => {
      const size = Math.min(corner ?? Math.min(width, height) / 4, width / 2, height / 2);
      return stretched(whole, contourFor(size / width, size / height)).path(width, height);
    },
  };
}

/** As if blown round from one side: top right and bottom left. */
const blown = crossCut((x, y) => [
  [0, 0],
  [1 - x, 0],
  [
    [1 - x * (1 - QUARTER), 0],
    [1, y * (1 - QUARTER)],
    [1, y],
  ],
  [1, 1],
  [x, 1],
  [
    [x * (1 - QUARTER), 1],
    [0, 1 - y * (1 - QUARTER)],
    [0, 1 - y],
  ],
]);

/** As if sawn off: top left and bottom right. */
const notched = crossCut((x, y) => [
  [x, 0],
  [1, 0],
  [1, 1 - y],
  [1 - x, 1],
  [0, 1],
  [0, y],
]);

/** Edges that wobble by this much at the most, in slide units, and by this part of the shorter side. */
const WOBBLE = { units: 6, part: 0.06 };

/** A rectangle drawn by hand. */
const chalk: Outline = {
  room: box(0.03, 0.06, 0.94, 0.88),
  path: (width, height) => {
    const a = Math.min(WOBBLE.units, WOBBLE.part * Math.min(width, height));
    const at = (...places: readonly (readonly [number, number])[]) =>
      places.map(([x, y]) => `${tidy(x)} ${tidy(y)}`).join(' ');
    return [
      `M${at([a, 0.6 * a])}`,
      `C${at([0.3 * width, -0.4 * a], [0.66 * width, 1.1 * a], [width - 0.4 * a, 0])}`,
      `C${at([width + 0.2 * a, 0.34 * height], [width - a, 0.7 * height], [width - 0.2 * a, height - 0.4 * a])}`,
      `C${at([0.68 * width, height - 1.2 * a], [0.32 * width, height + 0.3 * a], [0.3 * a, height - 0.3 * a])}`,
      `C${at([-0.3 * a, 0.66 * height], [a, 0.3 * height], [a, 0.6 * a])}Z`,
    ].join('');
  },
};

const outlines = {
  rectangle: { room: whole, path: (width, height, corner = CORNER) => roundedPath(corner, width, height) },
  'sharp-rectangle': cornered(() => 0),
  'round-rectangle': cornered((width, height) => Math.min(width, height) / 4),
  pill: cornered((width, height) => Math.min(width, height) / 2, box(0.08, 0, 0.84, 1)),
  ellipse: stretched(box(0.12, 0.12, 0.76, 0.76), ellipse(0.5, 0.5, 0.5, 0.5)),
  ring: stretched(box(0.22, 0.22, 0.56, 0.56), ellipse(0.5, 0.5, 0.5, 0.5), ellipse(0.5, 0.5, 0.3, 0.3, true)),
  'half-circle': stretched(box(0.12, 0.3, 0.76, 0.68), '0 1, 0 0.33 0.22 0 0.5 0, 0.78 0 1 0.33 1 1'),
  triangle: stretched(box(0.25, 0.45, 0.5, 0.5), '0.5 0, 1 1, 0 1'),
  'right-triangle': stretched(box(0.06, 0.5, 0.5, 0.46), '0 0, 1 1, 0 1'),
  diamond: stretched(box(0.22, 0.22, 0.56, 0.56), '0.5 0, 1 0.5, 0.5 1, 0 0.5'),
  parallelogram: stretched(box(0.16, 0, 0.68, 1), '0.22 0, 1 0, 0.78 1, 0 1'),
  trapezium: stretched(box(0.16, 0.06, 0.68, 0.92), '0.2 0, 0.8 0, 1 1, 0 1'),
  pentagon: stretched(box(0.16, 0.26, 0.68, 0.66), around(5)),
  hexagon: stretched(box(0.14, 0.06, 0.72, 0.88), '0.22 0, 0.78 0, 1 0.5, 0.78 1, 0.22 1, 0 0.5'),
  octagon: stretched(box(0.1, 0.1, 0.8, 0.8), '0.29 0, 0.71 0, 1 0.29, 1 0.71, 0.71 1, 0.29 1, 0 0.71, 0 0.29'),
  star: stretched(box(0.28, 0.36, 0.44, 0.36), around(5, 0.42)),
  'six-star': stretched(box(0.26, 0.28, 0.48, 0.44), around(6, 0.58)),
  burst: stretched(box(0.2, 0.2, 0.6, 0.6), around(14, 0.76)),
  cross: stretched(
    box(0.06, 0.33, 0.88, 0.34),
    '0.33 0, 0.67 0, 0.67 0.33, 1 0.33, 1 0.67, 0.67 0.67, 0.67 1, 0.33 1, 0.33 0.67, 0 0.67, 0 0.33, 0.33 0.33',
  ),
  'arrow-right': stretched(box(0.04, 0.27, 0.82, 0.46), '0 0.25, 0.62 0.25, 0.62 0, 1 0.5, 0.62 1, 0.62 0.75, 0 0.75'),
  'arrow-left': stretched(box(0.14, 0.27, 0.82, 0.46), '1 0.25, 0.38 0.25, 0.38 0, 0 0.5, 0.38 1, 0.38 0.75, 1 0.75'),
  'arrow-up': stretched(box(0.27, 0.14, 0.46, 0.82), '0.25 1, 0.25 0.38, 0 0.38, 0.5 0, 1 0.38, 0.75 0.38, 0.75 1'),
  'arrow-down': stretched(box(0.27, 0.04, 0.46, 0.82), '0.25 0, 0.25 0.62, 0 0.62, 0.5 1, 1 0.62, 0.75 0.62, 0.75 0'),
  'arrow-both': stretched(
    box(0.14, 0.27, 0.72, 0.46),
    '0 0.5, 0.26 0, 0.26 0.25, 0.74 0.25, 0.74 0, 1 0.5, 0.74 1, 0.74 0.75, 0.26 0.75, 0.26 1',
  ),
  signpost: stretched(box(0.03, 0, 0.8, 1), '0 0, 0.82 0, 1 0.5, 0.82 1, 0 1'),
  chevron: stretched(box(0.24, 0, 0.56, 1), '0 0, 0.76 0, 1 0.5, 0.76 1, 0 1, 0.24 0.5'),
  heart: stretched(
    box(0.18, 0.2, 0.64, 0.46),
    '0.5 1, 0.17 0.7 0 0.5 0 0.28, 0 0.1 0.13 0 0.26 0, 0.37 0 0.46 0.07 0.5 0.2, 0.54 0.07 0.63 0 0.74 0, 0.87 0 1 0.1 1 0.28, 1 0.5 0.83 0.7 0.5 1',
  ),
  cloud: stretched(
    box(0.16, 0.34, 0.68, 0.52),
    '0.22 1, 0.08 1 0 0.87 0 0.73, 0 0.58 0.08 0.47 0.18 0.45, 0.17 0.2 0.3 0 0.47 0, 0.6 0 0.7 0.1 0.75 0.26, 0.9 0.25 1 0.42 1 0.62, 1 0.84 0.9 1 0.78 1',
  ),
  speech: stretched(
    box(0.05, 0.03, 0.9, 0.7),
    '0.06 0, 0.94 0, 0.98 0 1 0.03 1 0.08, 1 0.68, 1 0.73 0.98 0.76 0.94 0.76, 0.4 0.76, 0.2 1, 0.22 0.76, 0.06 0.76, 0.02 0.76 0 0.73 0 0.68, 0 0.08, 0 0.03 0.02 0 0.06 0',
  ),
  drop: stretched(
    box(0.2, 0.44, 0.6, 0.46),
    '0.5 0, 0.62 0.2 1 0.42 1 0.66, 1 0.86 0.78 1 0.5 1, 0.22 1 0 0.86 0 0.66, 0 0.42 0.38 0.2 0.5 0',
  ),
  leaf: stretched(box(0.2, 0.24, 0.6, 0.52), '0 1, 0 0.4 0.36 0 1 0, 1 0.62 0.62 1 0 1'),
  moon: stretched(
    box(0.04, 0.3, 0.4, 0.4),
    '0.62 0, 0.28 0.06 0 0.25 0 0.5, 0 0.78 0.28 1 0.62 1, 0.78 1 0.92 0.95 1 0.88, 0.66 0.88 0.42 0.7 0.42 0.44, 0.42 0.26 0.5 0.1 0.62 0',
  ),
  shield: stretched(
    box(0.12, 0.08, 0.76, 0.62),
    '0 0.08, 0.2 0.1 0.36 0.07 0.5 0, 0.64 0.07 0.8 0.1 1 0.08, 1 0.55 0.9 0.82 0.5 1, 0.1 0.82 0 0.55 0 0.08',
  ),
  house: stretched(box(0.08, 0.44, 0.84, 0.54), '0.5 0, 1 0.42, 1 1, 0 1, 0 0.42'),
  wave: stretched(
    box(0.02, 0.22, 0.96, 0.56),
    '0 0.2, 0.17 -0.02 0.33 -0.02 0.5 0.16, 0.67 0.34 0.83 0.3 1 0.08, 1 0.8, 0.83 1.02 0.67 1.02 0.5 0.84, 0.33 0.66 0.17 0.7 0 0.92',
  ),
  pebble: stretched(
    box(0.09, 0.06, 0.82, 0.88),
    '0.5 0.01, 0.8 -0.03 1 0.12 0.995 0.5, 1 0.86 0.86 1 0.52 0.99, 0.16 1.02 0 0.92 0.004 0.52, -0.004 0.14 0.14 0.02 0.5 0.01',
  ),
  lantern: stretched(
    box(0.06, 0, 0.88, 1),
    '0.05 0, 0.95 0, 1.014 0.28 1.014 0.72 0.95 1, 0.05 1, -0.014 0.72 -0.014 0.28 0.05 0',
  ),
  blown,
  notched,
  chalk,
} as const satisfies Record<string, Outline>;

/** The name of a shape. */
export type ShapeName = keyof typeof outlines;

/** Every shape, in the order in which it is offered. */
export const shapeNames = namesIn(outlines);

/**
 * A shape's outline as SVG path data within a box of the given size, its top left corner at the origin.
 * @param corner size of its corners, in slide units; the shape's own where it is not given, and of no matter to most
 */
export function shapePath(name: ShapeName, width: number, height: number, corner?: number): string {
  return outlines[name].path(Math.max(1, width), Math.max(1, height), corner);
}

/** The part of a shape's box in which words have room, in parts of its width and height. */
export function shapeRoom(name: ShapeName): Box {
  return outlines[name].room;
}
