/** Rock pool: looking down into clear water, with rocks round the edge. */
import {
  at,
  disc,
  line,
  n,
  smooth,
  unit,
  type Backdrop,
  type Place,
  GROUND,
  ACCENT,
  THIRD,
  SECOND,
  SOFT,
} from './drawing.js';

/** Middle, radii, colour and how much of it is seen. */
type Pebble = readonly [x: number, y: number, rx: number, ry: number, colour: string, opacity: number];

/** Pebbles along the foot of section slides: across in parts of the width, how far below the edge, radii, colour. */
const rim: readonly (readonly [number, number, number, number, string])[] = [
  [0.02, 10, 170, 110, ACCENT],
  [0.2, 14, 150, 96, THIRD],
  [0.36, 6, 130, 84, SOFT],
  [0.53, 14, 170, 104, ACCENT],
  [0.7, 4, 130, 90, SECOND],
  [0.85, 8, 170, 116, SOFT],
  [1, -20, 130, 140, ACCENT],
];

export const rockPool: Backdrop = (w, h, page) => {
  const u = unit(w, h);
  const rock = '#04222f';
  const star = (x: number, y: number, s: number, c: string, turn = 0) =>
    `<g transform="translate(${n(x)} ${n(y)}) rotate(${turn}) scale(${Math.round(s * u * 100) / 100})">` +
    line('M0-30V0M-28.5-9.3L0 0M28.5-9.3L0 0M-17.6 24.3L0 0M17.6 24.3L0 0', c, 21) +
    line('M0-28V-8M-26-8.6L-8-3M26-8.6L8-3M-16 22L-5 6M16 22L5 6', GROUND, 3.4, 0.8, '0.1 8') +
    '</g>';
  const urchin = (x: number, y: number, s: number, c: string) => {
    let d = '';
    for (let i = 0; i < 20; i += 1) {
      const a = (i / 20) * 2 * Math.PI;
      d += `M0 0L${n(Math.cos(a) * 34)} ${n(Math.sin(a) * 34)}`;
    }
    return at(x, y, s * u, line(d, c, 4) + disc(0, 0, 20, c));
  };
  const weed = (x: number, y: number, s: number, c: string, op = 1) =>
    at(x, y, s * u, line('M0 10C-14-30 16-60-2-104M22 10C40-20 14-50 34-78M-24 10C-40-14-16-36-34-62', c, 13, op));
  const limpet = (x: number, y: number, r: number, c: string, dark: string) =>
    disc(x, y, r * u, c) + disc(x, y, r * 0.42 * u, dark);
  const pebbles = (list: readonly Pebble[]) =>
    list
      .map(
        ([x, y, a, b, c, op]) =>
          `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(a * u)}" ry="${n(b * u)}" fill="${c}" opacity="${op}"/>`,
      )
      .join('');
  const ripples = (x: number, y: number, radii: readonly number[], c: string, op: number, flat = 0.62) =>
    `<g fill="none" stroke="${c}" stroke-width="${n(5 * u)}" stroke-linecap="round" opacity="${op}">` +
    radii
      .map(
        (r, i) =>
          `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(r * u)}" ry="${n(r * flat * u)}" stroke-dasharray="${n(r * (1.5 + i * 0.3) * u)} ${n(r * 0.4 * u)} ${n(r * 0.8 * u)} ${n(r * 0.25 * u)}"/>`,
      )
      .join('') +
    '</g>';
  if (page === 'title') {
    const shore: readonly Place[] = [
      [0.07, 0.2],
      [0.15, 0.11],
      [0.29, 0.13],
      [0.44, 0.075],
      [0.6, 0.11],
      [0.75, 0.07],
      [0.88, 0.13],
      [0.94, 0.28],
      [0.915, 0.46],
      [0.945, 0.62],
      [0.89, 0.79],
      [0.77, 0.86],
      [0.64, 0.9],
      [0.5, 0.865],
      [0.34, 0.915],
      [0.19, 0.87],
      [0.085, 0.79],
      [0.055, 0.6],
      [0.085, 0.4],
    ];
    const pool = smooth(
      shore.map(([x, y]) => [x * w, y * h] as const),
      true,
    );
    return (
      ripples(0.68 * w, 0.66 * h, [60, 130, 210, 300], ACCENT, 0.13) +
      line(pool, ACCENT, 76 * u, 0.16) +
      line(pool, ACCENT, 34 * u, 0.2) +
      `<path d="M0 0H${w}V${h}H0Z${pool}" fill="${rock}" fill-rule="evenodd"/>` +
      weed(w - 88 * u, h - 168 * u, 1.15, THIRD) +
      weed(0.145 * w, h - 62 * u, 0.8, THIRD) +
      star(w - 236 * u, h - 78 * u, 1.5, SECOND, 14) +
      star(0.06 * w, 0.15 * h, 1.15, SECOND, -20) +
      urchin(w - 66 * u, 0.16 * h, 1.25, THIRD) +
      urchin(0.055 * w, h - 74 * u, 1, THIRD) +
      limpet(w - 380 * u, h - 36 * u, 20, ACCENT, rock) +
      limpet(w - 428 * u, h - 24 * u, 12, ACCENT, rock) +
      limpet(0.3 * w, 34 * u, 16, ACCENT, rock) +
      limpet(0.335 * w, 26 * u, 10, ACCENT, rock) +
      limpet(0.03 * w, 0.5 * h, 13, ACCENT, rock)
    );
  }
  if (page === 'section')
    return (
      ripples(w - 230 * u, 0.3 * h, [50, 120, 200, 290], '#ffffff', 0.85) +
      pebbles(rim.map(([x, down, a, b, c], i) => [x * w, h + down * u, a, b, c, i % 2 ? 0.92 : 1] as const)) +
      star(0.36 * w, h - 84 * u, 1.25, SECOND, 10) +
      weed(0.775 * w, h - 74 * u, 0.9, THIRD)
    );
  return (
    ripples(w - 150 * u, 84 * u, [60, 130, 210], '#ffffff', 0.85) +
    pebbles([
      [w - 10 * u, h + 8 * u, 96, 74, ACCENT, 0.34],
      [w - 132 * u, h + 12 * u, 70, 48, THIRD, 0.3],
      [w - 232 * u, h + 10 * u, 58, 36, ACCENT, 0.24],
      [6 * u, h + 10 * u, 84, 62, ACCENT, 0.3],
      [104 * u, h + 10 * u, 54, 36, SOFT, 0.26],
    ]) +
    star(w - 134 * u, h - 30 * u, 0.66, SECOND, 12) +
    weed(28 * u, h - 44 * u, 0.5, THIRD, 0.8)
  );
};
