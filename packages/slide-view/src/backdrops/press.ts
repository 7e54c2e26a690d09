/** Press: a front page: thick and thin rules, a sun in halftone dots. */
import { line, n, rect, unit, type Backdrop, WORDS, SECOND, ACCENT } from './drawing.js';

export const press: Backdrop = (w, h, page) => {
  const u = unit(w, h);
  const m = 44 * u;
  const dots = (
    x0: number,
    y0: number,
    x1: number,
    y1: number,
    step: number,
    size: (x: number, y: number) => number,
    c: string,
    op: number,
  ) => {
    const bySize = new Map<number, string>();
    let row = 0;
    for (let y = y0; y <= y1; y += step * 0.5, row += 1)
      for (let x = x0 + (row % 2) * step * 0.5; x <= x1; x += step) {
        const k = Math.round(size(x, y) * 8) / 8;
        if (k > 0) bySize.set(k, `${bySize.get(k) ?? ''}M${n(x)} ${n(y)}h0`);
      }
    return [...bySize].map(([k, d]) => line(d, c, k * step * 0.74, op)).join('');
  };
  const rules = (y: number, c = WORDS) => rect(m, y, w - 2 * m, 9 * u, c) + rect(m, y + 15 * u, w - 2 * m, 2 * u, c);
  if (page === 'title') {
    const [x, y, r] = [w - 206 * u, h - 180 * u, 338 * u];
    return (
      dots(
        x - r,
        y - r,
        w + 20 * u,
        h + 20 * u,
        26 * u,
        (a, b) => {
          const d = Math.hypot(a - x, b - y) / r;
          return d > 1 ? 0 : Math.min(1, 1.12 * (1 - d) + 0.14);
        },
        SECOND,
        1,
      ) +
      rules(26 * u) +
      rect(m, h - 36 * u, w - 2 * m, 2 * u, WORDS) +
      rect(m, h - 28 * u, w - 2 * m, 9 * u, WORDS)
    );
  }
  if (page === 'section')
    return (
      rect(0.09 * w, 0.2 * h, 120 * u, 16 * u, ACCENT) +
      dots(
        0,
        0.62 * h,
        w + 20 * u,
        h + 20 * u,
        26 * u,
        (_x, b) => Math.max(0, (b / h - 0.64) / 0.36) ** 0.9,
        ACCENT,
        0.9,
      )
    );
  return rules(18 * u) + rect(m, h - 24 * u, w - 2 * m, 2 * u, WORDS);
};
