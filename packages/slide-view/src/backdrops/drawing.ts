/**
 * What backdrops are drawn with: SVG as text, in the colours of the theme by name, so that a drawing follows a theme that
 * somebody recolours. Numbers and our own words only, never anything that a person wrote.
 */

/** The slides of a theme that are drawn differently. */
export type BackdropPage = 'text' | 'title' | 'section';

/** Draws a backdrop as SVG elements, for a slide of a width and height in slide units. */
export type Backdrop = (w: number, h: number, page: BackdropPage) => string;

/** A colour, and how much of it is seen. */
export type Tint = readonly [colour: string, opacity: number];

/** A place: across, down. */
export type Place = readonly [number, number];

export const GROUND = 'var(--gv-ground)';
export const WORDS = 'var(--gv-words)';
export const SOFT = 'var(--gv-soft)';
export const ACCENT = 'var(--gv-accent)';
export const SECOND = 'var(--gv-second)';
export const THIRD = 'var(--gv-third)';

/** A length as it is written: to a tenth of a slide unit. */
export function n(value: number): number {
  return Math.round(value * 10) / 10;
}

const opacity = (value: number) => (value === 1 ? '' : ` opacity="${value}"`);

/** A filled outline. */
export function fill(d: string, colour: string, op = 1): string {
  return `<path d="${d}" fill="${colour}"${opacity(op)}/>`;
}

/** A line. @param dash lengths of dashes and gaps, '' for none */
export function line(d: string, colour: string, width: number, op = 1, dash = '', cap = 'round'): string {
  const dashed = dash === '' ? '' : ` stroke-dasharray="${dash}"`;
  return `<path d="${d}" fill="none" stroke="${colour}" stroke-width="${n(width)}" stroke-linecap="${cap}" stroke-linejoin="round"${dashed}${opacity(op)}/>`;
}

/** A disc around a place. */
export function disc(x: number, y: number, r: number, colour: string, op = 1): string {
  return `<circle cx="${n(x)}" cy="${n(y)}" r="${n(r)}" fill="${colour}"${opacity(op)}/>`;
}

/** A rectangle. @param r radius of its corners */
export function rect(x: number, y: number, w: number, h: number, colour: string, op = 1, r = 0): string {
  const corners = r === 0 ? '' : ` rx="${n(r)}"`;
  return `<rect x="${n(x)}" y="${n(y)}" width="${n(w)}" height="${n(h)}"${corners} fill="${colour}"${opacity(op)}/>`;
}

/** Something drawn about the origin, at a place and a scale. */
export function at(x: number, y: number, scale: number, inner: string): string {
  return `<g transform="translate(${n(x)} ${n(y)}) scale(${Math.round(scale * 1000) / 1000})">${inner}</g>`;
}

/** A line of chalk: grain is rubbed out of it in the ground's colour. */
export function chalk(d: string, colour: string, width: number, op = 0.92): string {
  return line(d, colour, width, op) + line(d, GROUND, width * 0.42, 0.5, '1 8 2 13 1 6 3 17');
}

/** How large a slide unit of the drawing is on slides of another size. */
export function unit(w: number, h: number): number {
  return Math.min(w / 1280, h / 720);
}

/** Numbers from 0 to 1 that look like chance, the same ones every time (Lehmer’s generator of Park and Miller, 1988). */
export function seeded(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

/** A smooth curve through places, as cubic stretches of a Catmull-Rom spline; closed or open. */
export function smooth(places: readonly Place[], closed = false): string {
  const count = places.length;
  const p = (i: number): Place => places[closed ? (i + count) % count : Math.max(0, Math.min(count - 1, i))] ?? [0, 0];
  let d = `M${n(p(0)[0])} ${n(p(0)[1])}`;
  for (let i = 0; i < (closed ? count : count - 1); i += 1) {
    const [a, b, c, e] = [p(i - 1), p(i), p(i + 1), p(i + 2)];
    const stretch = [
      b[0] + (c[0] - a[0]) / 6,
      b[1] + (c[1] - a[1]) / 6,
      c[0] - (e[0] - b[0]) / 6,
      c[1] - (e[1] - b[1]) / 6,
      c[0],
      c[1],
    ];
    d += `C${stretch.map(n).join(' ')}`;
  }
  return closed ? `${d}Z` : d;
}

/** A band that runs through places and narrows from one width to another. */
export function tapered(places: readonly Place[], from: number, to: number): string {
  const left: Place[] = [];
  const right: Place[] = [];
  const last = places.length - 1;
  places.forEach(([x, y], i) => {
    const a = places[Math.max(0, i - 1)] ?? [x, y];
    const b = places[Math.min(last, i + 1)] ?? [x, y];
    const long = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    const half = (from + ((to - from) * i) / last) / 2;
    const [across, down] = [(-(b[1] - a[1]) / long) * half, ((b[0] - a[0]) / long) * half];
    left.push([x + across, y + down]);
    right.unshift([x - across, y - down]);
  });
  return `${smooth(left)}L${smooth(right).slice(1)}Z`;
}
