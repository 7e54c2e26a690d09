/** SVG path data of any kind as absolute moves, lines and cubic curves, which is all that presentation files know. */
import type { Point } from '../../geometry/index.js';

/** A stretch of a path; points in the path's own units. */
export type PathStep =
  | { readonly is: 'move' | 'line'; readonly to: Point }
  | { readonly is: 'curve'; readonly first: Point; readonly second: Point; readonly to: Point }
  | { readonly is: 'close' };

/** How many numbers each command takes. */
const COUNTS: Readonly<Record<string, number>> = { M: 2, L: 2, H: 1, V: 1, C: 6, S: 4, Q: 4, T: 2, A: 7, Z: 0 };
const NUMBER = /[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?/gi;

/** The steps of a path (SVG 2, chapter 9); what is no path is empty. Linear. */
export function pathSteps(data: string): readonly PathStep[] {
  const walker = new PathWalker();
  for (const [, letter = '', written = ''] of data.matchAll(/([MLHVCSQTAZ])([^MLHVCSQTAZ]*)/gi)) {
    const command = letter.toUpperCase();
    const count = COUNTS[command] ?? 0;
    const numbers = command === 'A' ? arcNumbers(written) : (written.match(NUMBER) ?? []).map(Number);
    if (count === 0) walker.close();
    for (let at = 0; count > 0 && at + count <= numbers.length; at += count)
      walker.take(command === 'M' && at > 0 ? 'L' : command, numbers.slice(at, at + count), letter !== command);
  }
  return walker.steps;
}

/** Steps with all their points taken so many times as far from the corner. */
export function scaledSteps(
  steps: readonly PathStep[],
  by: { readonly x: number; readonly y: number },
): readonly PathStep[] {
  const at = ({ x, y }: Point): Point => ({ x: x * by.x, y: y * by.y });
  return steps.map((step) => {
    if (step.is === 'close') return step;
    if (step.is === 'curve') return { ...step, first: at(step.first), second: at(step.second), to: at(step.to) };
    return { ...step, to: at(step.to) };
  });
}

/** The flags of an arc are one letter each, with nothing after them that has to part them. */
function arcNumbers(written: string): readonly number[] {
  const numbers: number[] = [];
  let rest = written;
  for (;;) {
    const isFlag = numbers.length % 7 === 3 || numbers.length % 7 === 4;
    const found = (isFlag ? /^[\s,]*([01])/ : /^[\s,]*([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)/i).exec(rest);
    if (!found) return numbers;
    numbers.push(Number(found[1]));
    rest = rest.slice(found[0].length);
  }
}

class PathWalker {
  readonly steps: PathStep[] = [];
  private at: Point = { x: 0, y: 0 };
  private start: Point = { x: 0, y: 0 };
  /** The last control point, for smooth curves, and of which kind of curve it was. */
  private control: { readonly of: 'C' | 'Q'; readonly point: Point } | null = null;

  take(command: string, numbers: readonly number[], isRelative: boolean): void {
    const from = isRelative ? this.at : { x: 0, y: 0 };
    const point = (index: number): Point => ({
      x: from.x + (numbers[index] ?? 0),
      y: from.y + (numbers[index + 1] ?? 0),
    });
    const [only = 0] = numbers;
    switch (command) {
      case 'M':
        this.at = this.start = point(0);
        this.control = null;
        this.steps.push({ is: 'move', to: this.at });
        return;
      case 'L':
        return this.line(point(0));
      case 'H':
        return this.line({ x: from.x + only, y: this.at.y });
      case 'V':
        return this.line({ x: this.at.x, y: from.y + only });
      case 'C':
        return this.curve(point(0), point(2), point(4));
      case 'S':
        return this.curve(this.mirrored('C'), point(0), point(2));
      case 'Q':
        return this.quadratic(point(0), point(2));
      case 'T':
        return this.quadratic(this.mirrored('Q'), point(0));
      default:
        return this.arc(numbers, point(5));
    }
  }

  close(): void {
    this.at = this.start;
    this.control = null;
    this.steps.push({ is: 'close' });
  }

  private line(to: Point): void {
    this.at = to;
    this.control = null;
    this.steps.push({ is: 'line', to });
  }

  private curve(first: Point, second: Point, to: Point): void {
    this.at = to;
    this.control = { of: 'C', point: second };
    this.steps.push({ is: 'curve', first, second, to });
  }

  private quadratic(control: Point, to: Point): void {
    const third = (a: Point): Point => ({ x: a.x + (2 / 3) * (control.x - a.x), y: a.y + (2 / 3) * (control.y - a.y) });
    this.curve(third(this.at), third(to), to);
    this.control = { of: 'Q', point: control };
  }

  private mirrored(of: 'C' | 'Q'): Point {
    if (this.control?.of !== of) return this.at;
    return { x: 2 * this.at.x - this.control.point.x, y: 2 * this.at.y - this.control.point.y };
  }

  /** An arc as curves of a quarter at most (SVG 2, appendix B.2). */
  private arc([rx = 0, ry = 0, turn = 0, large = 0, sweep = 0]: readonly number[], to: Point): void {
    const from = this.at;
    if (rx === 0 || ry === 0) return this.line(to);
    if (from.x === to.x && from.y === to.y) return;
    const phi = (turn * Math.PI) / 180;
    const [cos, sin] = [Math.cos(phi), Math.sin(phi)];
    const [dx, dy] = [(from.x - to.x) / 2, (from.y - to.y) / 2];
    const [x1, y1] = [cos * dx + sin * dy, -sin * dx + cos * dy];
    const stretch = Math.sqrt(Math.max(1, (x1 / rx) ** 2 + (y1 / ry) ** 2));
    const [a, b] = [Math.abs(rx) * stretch, Math.abs(ry) * stretch];
    const under = (a * b) ** 2 - (a * y1) ** 2 - (b * x1) ** 2;
    const part = Math.sqrt(Math.max(0, under / ((a * y1) ** 2 + (b * x1) ** 2))) * (large === sweep ? -1 : 1);
    const [cx1, cy1] = [(part * a * y1) / b, (-part * b * x1) / a];
    const middle = { x: cos * cx1 - sin * cy1 + (from.x + to.x) / 2, y: sin * cx1 + cos * cy1 + (from.y + to.y) / 2 };
    const begin = Math.atan2((y1 - cy1) / b, (x1 - cx1) / a);
    const end = Math.atan2((-y1 - cy1) / b, (-x1 - cx1) / a);
    const whole = 2 * Math.PI;
    const over = (((end - begin) % whole) + whole) % whole;
    const span = sweep ? over : over - whole;
    const count = Math.max(1, Math.ceil(Math.abs(span) / (Math.PI / 2) - 1e-9));
    const reach = (4 / 3) * Math.tan(span / count / 4);
    const on = (angle: number, along: number): Point => {
      const [x, y] = [a * (Math.cos(angle) - along * Math.sin(angle)), b * (Math.sin(angle) + along * Math.cos(angle))];
      return { x: middle.x + cos * x - sin * y, y: middle.y + sin * x + cos * y };
    };
    for (let at = 0; at < count; at += 1) {
      const [start, stop] = [begin + (span * at) / count, begin + (span * (at + 1)) / count];
      this.curve(on(start, reach), on(stop, -reach), at === count - 1 ? to : on(stop, 0));
    }
    this.control = null;
  }
}
