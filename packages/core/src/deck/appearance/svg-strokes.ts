/** The basic shapes of SVG as path data (https://www.w3.org/TR/SVG2/shapes.html), to be drawn with one kind of line. */

/** An element of a drawing: its name and attributes. */
export type SvgElement = readonly [name: string, attributes: Readonly<Record<string, string>>];

/** A drawing's elements as SVG path data, one each; what is no basic shape is left out. */
export function strokesOf(elements: readonly SvgElement[]): readonly string[] {
  return elements.flatMap(([name, attributes]) => strokeOf(name, attributes) ?? []);
}

function strokeOf(name: string, attributes: Readonly<Record<string, string>>): string | null {
  const number = (key: string) => Number(attributes[key] ?? 0);
  switch (name) {
    case 'path':
      return attributes['d'] ?? null;
    case 'line':
      return `M${number('x1')} ${number('y1')}L${number('x2')} ${number('y2')}`;
    case 'polyline':
    case 'polygon': {
      const points = (attributes['points'] ?? '').trim().split(/[\s,]+/);
      return points.length < 4 ? null : `M${points.join(' ')}${name === 'polygon' ? 'Z' : ''}`;
    }
    case 'circle':
      return roundPath(number('cx'), number('cy'), number('r'), number('r'));
    case 'ellipse':
      return roundPath(number('cx'), number('cy'), number('rx'), number('ry'));
    case 'rect': {
      const radius = number(attributes['rx'] === undefined ? 'ry' : 'rx');
      return rectanglePath(number('x'), number('y'), number('width'), number('height'), radius);
    }
    default:
      return null;
  }
}

function roundPath(x: number, y: number, rx: number, ry: number): string {
  return `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`;
}

function rectanglePath(x: number, y: number, width: number, height: number, radius: number): string {
  if (radius === 0) return `M${x} ${y}h${width}v${height}h${-width}Z`;
  const corner = (dx: number, dy: number) => `a${radius} ${radius} 0 0 1 ${dx} ${dy}`;
  const [across, down] = [width - 2 * radius, height - 2 * radius];
  return [
    `M${x + radius} ${y}h${across}${corner(radius, radius)}`,
    `v${down}${corner(-radius, radius)}`,
    `h${-across}${corner(-radius, -radius)}`,
    `v${-down}${corner(radius, -radius)}Z`,
  ].join('');
}
