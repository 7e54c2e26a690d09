/** Reads drawings in SVG into marks. */
import { led, type Matrix, type Stroke } from '@gobrel/core/paper';
import { readColour, readLength } from './css-values';
import { readWords } from './read-words';
import type { Around, PageBuilder } from './page-builder';

/** Reads an `svg` element with everything in it. */
export function readSvg(svg: SVGSVGElement, around: Around, builder: PageBuilder): void {
  readChildren(svg, around, builder, around.matrix);
}

/** Letters in a drawing: they stand as they are seen, in the colour that is theirs as words. */
function readLetters(element: SVGElement, around: Around, builder: PageBuilder): void {
  for (const child of element.childNodes) {
    if (child instanceof Text) readWords(child, getComputedStyle(element), around, builder);
    else if (child instanceof SVGElement) readLetters(child, around, builder);
  }
}

function readChildren(parent: SVGElement, around: Around, builder: PageBuilder, flat: Matrix): void {
  for (const child of parent.children) {
    if (!(child instanceof SVGElement)) continue;
    const style = getComputedStyle(child);
    if (style.display === 'none') continue;
    if (child instanceof SVGGElement) {
      readChildren(child, builder.through(around, Number(style.opacity)), builder, flat);
      continue;
    }
    if (child instanceof SVGTextContentElement) {
      readLetters(child, builder.through(around, Number(style.opacity)), builder);
      continue;
    }
    const within = { ...around, seen: around.seen * Number(style.opacity) };
    if (child instanceof SVGGeometryElement) {
      const place = child.getScreenCTM();
      if (!place) continue;
      const { x, y } = builder.origin;
      const matrix = led(flat, [place.a, place.b, place.c, place.d, place.e - x, place.f - y]);
      const shadow = shadowOf(child);
      const [d, fill, stroke] = [outlineOf(child), fillOf(style), strokeOf(style)];
      if (shadow) builder.path(within, d, fill && shadow.colour, null, led([1, 0, 0, 1, 0, shadow.down], matrix));
      builder.path(within, d, fill, stroke, matrix);
      if (child instanceof SVGLineElement && style.markerEnd !== 'none') readTip(child, within, builder, matrix, style);
    }
  }
}

/** The hard shadow below what can be dragged. */
function shadowOf(element: Element) {
  const svg = element.closest('svg');
  const value = svg ? getComputedStyle(svg).filter : 'none';
  const parts = /drop-shadow\((rgba?\([^)]*\)|color\([^)]*\)) (\S+) (\S+) (\S+)\)/.exec(value);
  if (!parts) return null;
  return { colour: readColour(parts[1] ?? ''), down: readLength(parts[3] ?? '') };
}

function fillOf(style: CSSStyleDeclaration) {
  if (style.fill === 'none') return null;
  const [red, green, blue, seen] = readColour(style.fill);
  return [red, green, blue, seen * Number(style.fillOpacity)] as const;
}

function strokeOf(style: CSSStyleDeclaration): Stroke | null {
  if (style.stroke === 'none') return null;
  const [red, green, blue, seen] = readColour(style.stroke);
  const dash = style.strokeDasharray === 'none' ? [] : style.strokeDasharray.split(/[\s,]+/).map(readLength);
  return {
    colour: [red, green, blue, seen * Number(style.strokeOpacity)],
    width: readLength(style.strokeWidth),
    dash: dash.some((length) => length > 0) ? dash : [],
    cap: ({ butt: 'butt', round: 'round', square: 'square' } as const)[style.strokeLinecap] ?? 'butt',
    join: style.strokeLinejoin === 'round' ? 'round' : style.strokeLinejoin === 'bevel' ? 'bevel' : 'miter',
  };
}

/** The outline of any shape as path data. */
function outlineOf(shape: SVGGeometryElement): string {
  if (shape instanceof SVGPathElement) return shape.getAttribute('d') ?? '';
  if (shape instanceof SVGRectElement) {
    const value = (length: SVGAnimatedLength) => length.baseVal.value;
    const rx = value(shape.rx) || value(shape.ry);
    return roundedBox(value(shape.x), value(shape.y), value(shape.width), value(shape.height), rx);
  }
  if (shape instanceof SVGCircleElement) {
    const { cx, cy, r } = shape;
    return ellipse(cx.baseVal.value, cy.baseVal.value, r.baseVal.value, r.baseVal.value);
  }
  if (shape instanceof SVGEllipseElement) {
    const { cx, cy, rx, ry } = shape;
    return ellipse(cx.baseVal.value, cy.baseVal.value, rx.baseVal.value, ry.baseVal.value);
  }
  if (shape instanceof SVGLineElement) {
    const { x1, y1, x2, y2 } = shape;
    return `M${x1.baseVal.value} ${y1.baseVal.value}L${x2.baseVal.value} ${y2.baseVal.value}`;
  }
  if (shape instanceof SVGPolylineElement || shape instanceof SVGPolygonElement) {
    const places = [...shape.points].map(({ x, y }) => `${x} ${y}`);
    return places.length === 0 ? '' : `M${places.join('L')}${shape instanceof SVGPolygonElement ? 'Z' : ''}`;
  }
  return '';
}

/** The tip at the end of a line that a student drew. */
function readTip(
  line: SVGLineElement,
  around: Around,
  builder: PageBuilder,
  matrix: Matrix,
  style: CSSStyleDeclaration,
) {
  const [x, y] = [line.x2.baseVal.value, line.y2.baseVal.value];
  const angle = Math.atan2(y - line.y1.baseVal.value, x - line.x1.baseVal.value);
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  // As large as the marker: six widths of the line, its tip a little before the end.
  const size = (6 * readLength(style.strokeWidth)) / 10;
  const tip = led(matrix, [cos * size, sin * size, -sin * size, cos * size, x, y]);
  builder.path(around, 'M-16 -5L-6 0L-16 5Z', readColour(style.stroke), null, tip);
}

/** An ellipse around a place as path data. */
export function ellipse(x: number, y: number, rx: number, ry: number): string {
  if (rx <= 0 || ry <= 0) return '';
  return `M${x - rx} ${y}A${rx} ${ry} 0 1 1 ${x + rx} ${y}A${rx} ${ry} 0 1 1 ${x - rx} ${y}Z`;
}

/** A rectangle with round corners as path data; corners from the top left on, or one for all. */
export function roundedBox(
  x: number,
  y: number,
  width: number,
  height: number,
  corners: number | readonly [number, number, number, number],
): string {
  const most = Math.min(width, height) / 2;
  const [a, b, c, d] = (typeof corners === 'number' ? [corners, corners, corners, corners] : corners).map((corner) =>
    Math.max(0, Math.min(corner, most)),
  );
  if (!a && !b && !c && !d) return `M${x} ${y}h${width}v${height}h${-width}Z`;
  const arc = (r = 0, across = 1, down = 1) => (r === 0 ? '' : `a${r} ${r} 0 0 1 ${across * r} ${down * r}`);
  return [
    `M${x + (a ?? 0)} ${y}H${x + width - (b ?? 0)}`,
    arc(b, 1, 1),
    `V${y + height - (c ?? 0)}`,
    arc(c, -1, 1),
    `H${x + (d ?? 0)}`,
    arc(d, -1, -1),
    `V${y + (a ?? 0)}`,
    arc(a, 1, -1),
    'Z',
  ].join('');
}
