/** Outlines out of the SVG that the library for TeX makes: everything a formula draws, led into one path. */
import type { LiteElement } from '@mathjax/src/js/adaptors/lite/Element.js';
import type { FormulaWords } from '../deck/index.js';

/** Scaled, then moved: x becomes `sx * x + dx`. Formulas are never turned. */
interface Leading {
  readonly sx: number;
  readonly sy: number;
  readonly dx: number;
  readonly dy: number;
}

/** Where something may be seen, in the lengths of the whole drawing. */
interface Window {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** What was read of a drawing. */
export interface Outlines {
  readonly outline: string;
  readonly words: readonly FormulaWords[];
}

/** A line that says nothing of its weight is as heavy as a fraction's, in thousandths of the letters' size. */
const LINE_WEIGHT = 60;

/** Reads an `svg` element of the library: its path in thousandths of the letters' size. */
export function outlinesOf(svg: LiteElement): Outlines {
  const reader = new OutlineReader();
  reader.children(svg, { sx: 1, sy: 1, dx: 0, dy: 0 }, null);
  return { outline: reader.paths.join(''), words: reader.words };
}

class OutlineReader {
  readonly paths: string[] = [];
  readonly words: FormulaWords[] = [];

  children(parent: LiteElement, at: Leading, seen: Window | null): void {
    for (const child of parent.children) if ('children' in child) this.element(child, at, seen);
  }

  private element(element: LiteElement, outer: Leading, seen: Window | null): void {
    const at = led(outer, transformOf(text(element, 'transform')));
    const n = (name: string) => Number.parseFloat(text(element, name)) || 0;
    switch (element.kind) {
      case 'g':
        if (!('data-bgcolor' in element.attributes)) this.children(element, at, seen);
        break;
      case 'svg':
        this.inner(element, at);
        break;
      case 'path':
        this.paths.push(leadPath(text(element, 'd'), at, seen));
        break;
      case 'rect':
        if (text(element, 'fill') === 'none' || 'data-frame' in element.attributes)
          this.frame(n('x'), n('y'), n('width'), n('height'), at);
        else if (!('data-bgcolor' in element.attributes)) this.box(n('x'), n('y'), n('width'), n('height'), at);
        break;
      case 'line':
        this.line(n('x1'), n('y1'), n('x2'), n('y2'), n('stroke-width') || LINE_WEIGHT, at);
        break;
      case 'text':
        this.letters(element, at);
        break;
      default:
        break;
    }
  }

  /** A drawing within the drawing, which shows a part of what is in it: signs that are stretched are made so. */
  private inner(svg: LiteElement, at: Leading): void {
    const n = (name: string) => Number.parseFloat(text(svg, name)) || 0;
    const [left = 0, top = 0, wide = 0, high = 0] = text(svg, 'viewBox')
      .split(/[\s,]+/)
      .map(Number);
    if (wide <= 0 || high <= 0) return;
    const scale: Leading = { sx: n('width') / wide, sy: n('height') / high, dx: n('x'), dy: n('y') };
    const within = led(led(at, scale), { sx: 1, sy: 1, dx: -left, dy: -top });
    const corners = [point(within, left, top), point(within, left + wide, top + high)] as const;
    this.children(svg, within, {
      left: Math.min(corners[0].x, corners[1].x),
      right: Math.max(corners[0].x, corners[1].x),
      top: Math.min(corners[0].y, corners[1].y),
      bottom: Math.max(corners[0].y, corners[1].y),
    });
  }

  private box(x: number, y: number, width: number, height: number, at: Leading): void {
    this.paths.push(leadPath(`M${x} ${y}H${x + width}V${y + height}H${x}Z`, at, null));
  }

  private frame(x: number, y: number, width: number, height: number, at: Leading): void {
    const w = LINE_WEIGHT;
    this.box(x, y, width, w, at);
    this.box(x, y + height - w, width, w, at);
    this.box(x, y, w, height, at);
    this.box(x + width - w, y, w, height, at);
  }

  private line(x1: number, y1: number, x2: number, y2: number, weight: number, at: Leading): void {
    const length = Math.hypot(x2 - x1, y2 - y1) || 1;
    const [ax, ay] = [((y1 - y2) / length) * (weight / 2), ((x2 - x1) / length) * (weight / 2)];
    const corners = [
      [x1 + ax, y1 + ay],
      [x2 + ax, y2 + ay],
      [x2 - ax, y2 - ay],
      [x1 - ax, y1 - ay],
    ];
    this.paths.push(leadPath(`M${corners.map((corner) => corner.join(' ')).join('L')}Z`, at, null));
  }

  private letters(element: LiteElement, at: Leading): void {
    const size = Number.parseFloat(text(element, 'font-size')) || 1000;
    const letters = element.children.map((child) => ('value' in child ? child.value : '')).join('');
    const { x, y } = point(at, 0, 0);
    if (letters.trim() !== '') this.words.push({ text: letters, x: round(x), y: round(y), size: round(size * at.sx) });
  }
}

function text(element: LiteElement, name: string): string {
  const attributes: Readonly<Record<string, unknown>> = element.attributes;
  const value = attributes[name];
  return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
}

/** What `inner` does, and after it `outer`. */
function led(outer: Leading, inner: Leading): Leading {
  return {
    sx: outer.sx * inner.sx,
    sy: outer.sy * inner.sy,
    dx: outer.sx * inner.dx + outer.dx,
    dy: outer.sy * inner.dy + outer.dy,
  };
}

function point({ sx, sy, dx, dy }: Leading, x: number, y: number) {
  return { x: sx * x + dx, y: sy * y + dy };
}

function transformOf(value: string): Leading {
  let at: Leading = { sx: 1, sy: 1, dx: 0, dy: 0 };
  for (const [, name, list = ''] of value.matchAll(/(translate|scale)\(([^)]*)\)/g)) {
    const [first = 0, second] = list
      .split(/[\s,]+/)
      .filter(Boolean)
      .map(Number);
    at =
      name === 'scale'
        ? led(at, { sx: first, sy: second ?? first, dx: 0, dy: 0 })
        : led(at, { sx: 1, sy: 1, dx: first, dy: second ?? 0 });
  }
  return at;
}

/** A path whose commands are all absolute, led elsewhere; what reaches beyond the window is drawn at its edge. */
function leadPath(d: string, at: Leading, seen: Window | null): string {
  const px = (value: number) => {
    const x = at.sx * value + at.dx;
    return round(seen ? Math.min(seen.right, Math.max(seen.left, x)) : x);
  };
  const py = (value: number) => {
    const y = at.sy * value + at.dy;
    return round(seen ? Math.min(seen.bottom, Math.max(seen.top, y)) : y);
  };
  let led = '';
  for (const [, command = '', list = ''] of d.matchAll(/([MLHVCSQTZ])([^MLHVCSQTZ]*)/g)) {
    const numbers = (list.match(/-?\d*\.?\d+(?:e-?\d+)?/g) ?? []).map(Number);
    const placed = numbers.map((value, index) => {
      if (command === 'H') return px(value);
      if (command === 'V') return py(value);
      return index % 2 === 0 ? px(value) : py(value);
    });
    led += command + placed.join(' ');
  }
  return led;
}

function round(value: number): number {
  return Math.round(value) || 0;
}
