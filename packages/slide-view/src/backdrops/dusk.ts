/** Dusk: the last light in flat bands, and a paper sun on the horizon. */
import {
  disc,
  fill,
  line,
  n,
  rect,
  seeded,
  unit,
  type Backdrop,
  type Tint,
  WORDS,
  SECOND,
  ACCENT,
  GROUND,
} from './drawing.js';

export const dusk: Backdrop = (w, h, page) => {
  const u = unit(w, h);
  const rnd = seeded(41);
  const stars = (count: number, part: number, most = 1.9) => {
    let d = '';
    for (let i = 0; i < count; i += 1) {
      const [x, y] = [rnd(), rnd() * part];
      if (x > 0.78 || y < 0.062) d += `M${n(x * w)} ${n(y * h)}h0`;
    }
    return line(d, WORDS, 2 * most * u, 0.5);
  };
  const bands = (top: number, bottom: number, list: readonly Tint[]) => {
    const step = (bottom - top) / list.length;
    return list.map(([c, op], i) => rect(0, top + i * step, w, step + 0.5, c, op)).join('');
  };
  if (page === 'title') {
    const sea = 0.86 * h;
    const [sun, radius] = [0.76 * w, 190 * u];
    const glow = bands(0.6 * h, sea, [
      [SECOND, 0.1],
      [SECOND, 0.22],
      [SECOND, 0.36],
      [SECOND, 0.52],
      [ACCENT, 0.72],
    ]);
    let path = '';
    for (let i = 0; i < 5; i += 1) {
      const half = (170 - i * 26) * u;
      const y = sea + (13 + i * 19) * u;
      path += `M${n(sun - half)} ${n(y)}h${n(2 * half)}`;
    }
    return (
      stars(120, 0.56) +
      glow +
      fill(`M${n(sun - radius)} ${n(sea)}A${n(radius)} ${n(radius)} 0 0 1 ${n(sun + radius)} ${n(sea)}Z`, WORDS) +
      rect(0, sea, w, h - sea, GROUND) +
      rect(0, sea, w, h - sea, SECOND, 0.12) +
      line(path, ACCENT, 7 * u, 0.8)
    );
  }
  if (page === 'section') {
    const [x, y, r] = [w - 84 * u, 0.5 * h, 306 * u];
    const cloud = (dx: number, dy: number, wide: number) =>
      rect(x + dx * r, y + dy * r, wide * r, 26 * u, GROUND, 1, 13 * u);
    return (
      disc(x, y, r * 1.3, SECOND, 0.1) +
      disc(x, y, r * 1.15, SECOND, 0.14) +
      disc(x, y, r, ACCENT) +
      cloud(-1.16, 0.14, 0.94) +
      cloud(-0.72, 0.32, 1.2) +
      cloud(-1.02, 0.5, 0.66) +
      cloud(-0.1, -0.3, 0.8)
    );
  }
  return (
    stars(14, 0.06, 1.6) +
    bands(h - 52 * u, h, [
      [SECOND, 0.1],
      [SECOND, 0.2],
      [SECOND, 0.34],
      [ACCENT, 0.6],
    ]) +
    fill(`M${n(w - 176 * u)} ${n(h - 13 * u)}a${n(38 * u)} ${n(38 * u)} 0 0 1 ${n(76 * u)} 0z`, ACCENT)
  );
};
