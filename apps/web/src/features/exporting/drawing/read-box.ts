/** Reads what CSS draws of a box: its grounds, its borders, what it is cut to. */
import { type Colour, type Gradient, led, type Matrix, STILL } from '@gobrel/core/paper';
import { readColour, readGradient, readLength, readUrl, splitList } from './css-values';
import type { Around, PageBuilder } from './page-builder';
import { roundedBox } from './read-svg';

interface Rect {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

type Corners = readonly [number, number, number, number];

/** Grounds, shadows without blur, and borders of a box at a place of the page. */
export function readBox(box: Rect, style: CSSStyleDeclaration, around: Around, builder: PageBuilder): void {
  const corners = cornersOf(style, box);
  const outline = roundedBox(box.x, box.y, box.width, box.height, corners);
  const shadows = shadowsOf(style.boxShadow);
  for (const { spread, colour, isInner } of shadows)
    if (!isInner && spread > 0) {
      const [wide, high] = [box.width + 2 * spread, box.height + 2 * spread];
      const grown = corners.map((corner) => (corner === 0 ? 0 : corner + spread));
      builder.path(around, roundedBox(box.x - spread, box.y - spread, wide, high, asCorners(grown)), colour);
    }
  builder.path(around, outline, readColour(style.backgroundColor));
  if (style.backgroundImage !== 'none')
    for (const image of [...splitList(style.backgroundImage)].reverse())
      readImage(image, box, outline, style, around, builder);
  for (const { spread, colour, isInner } of shadows) if (isInner) drawInner(box, spread, colour, around, builder);
  readBorders(box, corners, style, around, builder);
}

function asCorners([a = 0, b = 0, c = 0, d = 0]: readonly number[]): Corners {
  return [a, b, c, d];
}

function cornersOf(style: CSSStyleDeclaration, { width, height }: Rect): Corners {
  const read = (value: string) => lengthOf(value, Math.min(width, height));
  return [
    read(style.borderTopLeftRadius),
    read(style.borderTopRightRadius),
    read(style.borderBottomRightRadius),
    read(style.borderBottomLeftRadius),
  ];
}

function lengthOf(value: string, whole: number): number {
  return value.includes('%') ? (parseFloat(value) / 100) * whole : readLength(value);
}

interface Shadow {
  readonly colour: Colour;
  readonly spread: number;
  readonly isInner: boolean;
}

function shadowsOf(value: string): readonly Shadow[] {
  if (value === 'none') return [];
  return splitList(value).map((part) => {
    const colour = /(?:rgba?|color)\([^)]*\)/.exec(part)?.[0] ?? '';
    const lengths = part.replace(colour, '').match(/-?[\d.]+px/g) ?? [];
    return { colour: readColour(colour), spread: readLength(lengths[3] ?? '0'), isInner: part.includes('inset') };
  });
}

function drawInner(
  { x, y, width, height }: Rect,
  spread: number,
  colour: Colour,
  around: Around,
  builder: PageBuilder,
) {
  const half = spread / 2;
  const line = { colour, width: spread, dash: [], cap: 'butt', join: 'miter' } as const;
  builder.path(around, roundedBox(x + half, y + half, width - spread, height - spread, 0), null, line);
}

function readImage(
  image: string,
  box: Rect,
  outline: string,
  style: CSSStyleDeclaration,
  around: Around,
  builder: PageBuilder,
): void {
  const gradient = readGradient(image);
  if (gradient) {
    builder.path(around, outline, alongBox(gradient, box));
    return;
  }
  const url = readUrl(image);
  if (url === null) return;
  const size = style.backgroundSize;
  const fixed = /^(?:100%|[\d.]+px) (?:[\d.]+px)$/.exec(size);
  if (fixed) {
    // Stretched over the box, along its foot: the chalk line below a title.
    const height = readLength(size.split(' ')[1] ?? '');
    builder.picture(around, url, { ...box, y: box.y + box.height - height, height });
    return;
  }
  const ratio = builder.ratios.get(url) ?? box.width / box.height;
  const cut = { ...around, cuts: [...around.cuts, builder.cut(outline, around.matrix)] };
  if (style.backgroundRepeat === 'repeat') {
    const width = readLength(size) || 240;
    const height = width / ratio;
    for (
      let y = box.y + ((((box.height / 2 - height / 2) % height) - height) % height);
      y < box.y + box.height;
      y += height
    )
      for (let x = box.x + ((((box.width / 2 - width / 2) % width) - width) % width); x < box.x + box.width; x += width)
        builder.picture(cut, url, { x, y, width, height });
    return;
  }
  builder.picture(cut, url, fittedBox(box, ratio, size === 'contain' ? 'contain' : 'cover'));
}

/** A box of a ratio within another one, or over all of it. */
export function fittedBox({ x, y, width, height }: Rect, ratio: number, fit: 'contain' | 'cover'): Rect {
  const isWider = ratio > width / height;
  const byWidth = fit === 'contain' ? isWider : !isWider;
  const [w, h] = byWidth ? [width, width / ratio] : [height * ratio, height];
  return { x: x + (width - w) / 2, y: y + (height - h) / 2, width: w, height: h };
}

/** A gradient's line through a box, from corner to corner as CSS lays it (CSS Images 3, 3.1). */
function alongBox(
  { angle, stops }: NonNullable<ReturnType<typeof readGradient>>,
  { x, y, width, height }: Rect,
): Gradient {
  const turned = (angle * Math.PI) / 180;
  const [across, down] = [Math.sin(turned), -Math.cos(turned)];
  const half = (Math.abs(width * across) + Math.abs(height * down)) / 2;
  const [middleX, middleY] = [x + width / 2, y + height / 2];
  const last = stops.length - 1;
  // What fades into nothing is written transparent in black: it keeps the colour it fades from.
  const colours = stops.map(({ colour, at }, index) => ({
    at: at ?? (last === 0 ? 0 : index / last),
    colour: colour[3] === 0 ? fadedFrom(stops[index === 0 ? 1 : index - 1]?.colour ?? colour) : colour,
  }));
  return {
    from: [middleX - across * half, middleY - down * half],
    to: [middleX + across * half, middleY + down * half],
    stops: colours,
  };
}

function fadedFrom([red, green, blue]: Colour): Colour {
  return [red, green, blue, 0];
}

const sides = ['Top', 'Right', 'Bottom', 'Left'] as const;

function readBorders(
  box: Rect,
  corners: Corners,
  style: CSSStyleDeclaration,
  around: Around,
  builder: PageBuilder,
): void {
  const borders = sides.map((side) => ({
    width: style[`border${side}Style`] === 'none' ? 0 : readLength(style[`border${side}Width`]),
    colour: readColour(style[`border${side}Color`]),
    look: style[`border${side}Style`],
  }));
  const [first] = borders;
  const widths = borders.map(({ width: each }) => each);
  const { x, y, width, height } = box;
  if (!first || widths.every((each) => each === 0)) return;
  if (isOneColour(borders) && corners.some((corner) => corner > 0) && new Set(widths).size > 1) {
    // Round corners of sides that differ: what lies between two outlines, the inner one taken out by running backwards.
    const [top = 0, right = 0, bottom = 0, left = 0] = widths;
    const inner = corners.map((corner) => Math.max(0, corner - Math.min(...widths)));
    const [w, h] = [width - left - right, height - top - bottom];
    const d = roundedBox(x, y, width, height, corners) + backwards(x + left, y + top, w, h, Math.max(...inner));
    builder.path(around, d, first.colour);
    return;
  }
  const isEven = borders.every(({ width: each, look }) => each === first.width && look === first.look);
  if (isEven) {
    const half = first.width / 2;
    const dash = { dashed: [2 * first.width, 2 * first.width], dotted: [0.01, 2 * first.width] }[first.look] ?? [];
    const cap = first.look === 'dotted' ? 'round' : 'butt';
    const line = { colour: first.colour, width: first.width, dash, cap, join: 'miter' } as const;
    const within = asCorners(corners.map((corner) => Math.max(0, corner - half)));
    builder.path(around, roundedBox(x + half, y + half, width - first.width, height - first.width, within), null, line);
    return;
  }
  const [top = 0, right = 0, bottom = 0, left = 0] = widths;
  const strips = [
    [x, y, width, top],
    [x + width - right, y, right, height],
    [x, y + height - bottom, width, bottom],
    [x, y, left, height],
  ] as const;
  strips.forEach(([sx, sy, w, h], at) => {
    const colour = borders[at]?.colour;
    if (colour && w > 0 && h > 0) builder.path(around, roundedBox(sx, sy, w, h, 0), colour);
  });
}

function isOneColour(borders: readonly { readonly colour: Colour; readonly look: string }[]): boolean {
  return borders.every(({ colour, look }) => look === 'solid' && colour.join() === borders[0]?.colour.join());
}

/** A rectangle with round corners that runs against the clock. */
function backwards(x: number, y: number, width: number, height: number, r: number): string {
  const corner = (across: number, down: number) => `a${r} ${r} 0 0 0 ${across * r} ${down * r}`;
  return [
    `M${x + r} ${y}`,
    corner(-1, 1),
    `V${y + height - r}`,
    corner(1, 1),
    `H${x + width - r}`,
    corner(1, -1),
    `V${y + r}`,
    corner(-1, -1),
    'Z',
  ].join('');
}

/** What an element cuts off of what lies in it, beside what it is cut to itself. */
export function cutsOf(
  box: Rect,
  element: Element,
  style: CSSStyleDeclaration,
  around: Around,
  builder: PageBuilder,
): readonly number[] {
  const cuts = [...around.cuts];
  const path = /^path\((?:\w+,\s*)?"(.*)"\)$/.exec(style.clipPath)?.[1];
  if (path !== undefined) cuts.push(builder.cut(path, led(around.matrix, moved(box.x, box.y))));
  const isWhole = element.classList.contains('gv-slide') || element.classList.contains('gv-ground');
  if (!isWhole && style.overflowX !== 'visible' && element.childElementCount > 0) {
    const [left, top] = [readLength(style.borderLeftWidth), readLength(style.borderTopWidth)];
    const [right, bottom] = [readLength(style.borderRightWidth), readLength(style.borderBottomWidth)];
    const corners = asCorners(cornersOf(style, box).map((corner) => Math.max(0, corner - left)));
    const inner = roundedBox(box.x + left, box.y + top, box.width - left - right, box.height - top - bottom, corners);
    cuts.push(builder.cut(inner, around.matrix));
  }
  return cuts;
}

function moved(x: number, y: number): Matrix {
  return [STILL[0], 0, 0, STILL[3], x, y];
}
