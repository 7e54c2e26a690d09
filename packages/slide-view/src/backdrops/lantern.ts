/** Lantern: paper lanterns in the dark. */
import { at, disc, fill, line, n, rect, unit, type Backdrop, SOFT, GROUND, SECOND, ACCENT, THIRD } from './drawing.js';

export const lantern: Backdrop = (w, h, page) => {
  const u = unit(w, h);
  const lamp = (x: number, top: number, y: number, s: number, c: string, lit = 1) => {
    const body = 'M-38-50H38C62-22 62 22 38 50H-38C-62 22-62-22-38-50Z';
    return (
      line(`M${n(x)} ${n(top)}V${n(y - 60 * s * u)}`, SOFT, 2 * u, 0.7) +
      at(
        x,
        y,
        s * u,
        disc(0, 0, 210, c, 0.05 * lit) +
          disc(0, 0, 150, c, 0.07 * lit) +
          disc(0, 0, 100, c, 0.12 * lit) +
          fill(body, c) +
          line('M-17-50C-27-20-27 20-17 50M17-50C27-20 27 20 17 50', GROUND, 3.5, 0.35) +
          rect(-28, -62, 56, 13, SOFT, 1, 4) +
          rect(-28, 49, 56, 13, SOFT, 1, 4) +
          line('M0 62V92M-9 64V82M9 64V82', c, 4),
      )
    );
  };
  if (page === 'title') {
    const dip = (x: number) => (10 + 72 * 4 * (x - x * x)) * u;
    const lamps: readonly (readonly [x: number, down: number, size: number, colour: string])[] = [
      [0.09, 108, 0.86, SECOND],
      [0.25, 78, 1.06, ACCENT],
      [0.415, 88, 0.74, THIRD],
      [0.585, 68, 1.12, ACCENT],
      [0.76, 100, 0.9, SECOND],
      [0.915, 84, 1, ACCENT],
    ];
    return (
      line(`M${n(-0.02 * w)} ${n(8 * u)}Q${n(0.5 * w)} ${n(156 * u)} ${n(1.02 * w)} ${n(8 * u)}`, SOFT, 3 * u, 0.8) +
      lamps.map(([x, down, s, c]) => lamp(x * w, dip(x) - 6 * u, dip(x) + down * u, s, c)).join('')
    );
  }
  if (page === 'section')
    return lamp(0.19 * w, 0, 0.47 * h, 2.5, ACCENT, 1.15) + rect(0, h - 10 * u, w, 10 * u, ACCENT, 0.5);
  return (
    disc(w, 0, 420 * u, ACCENT, 0.035) +
    disc(w, 0, 280 * u, ACCENT, 0.04) +
    lamp(w - 42 * u, 0, 92 * u, 0.56, ACCENT) +
    rect(0, h - 8 * u, w, 8 * u, ACCENT, 0.55)
  );
};
