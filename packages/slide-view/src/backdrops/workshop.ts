/** Workshop: a drafting sheet with rulers; titles are blueprints, sections a tape measure. */
import { disc, line, n, rect, unit, type Backdrop, GROUND, WORDS, ACCENT } from './drawing.js';

export const workshop: Backdrop = (w, h, page) => {
  const u = unit(w, h),
    e = 24 * u;
  const scale = (
    x0: number,
    x1: number,
    y: number,
    up: number,
    step: number,
    c: string,
    wide: number,
    op: number,
    dir = -1,
  ) => {
    let d = '';
    let i = 0;
    for (let x = x0; x <= x1 + 0.1; x += step, i += 1)
      d += `M${n(x)} ${n(y)}v${n(dir * up * (i % 10 === 0 ? 1 : i % 5 === 0 ? 0.68 : 0.38))}`;
    return line(d, c, wide, op, '', 'butt');
  };
  const cross = (x: number, y: number, r: number, c: string, k: number, op: number) =>
    line(`M${n(x - r)} ${n(y)}h${n(2 * r)}M${n(x)} ${n(y - r)}v${n(2 * r)}`, c, k, op);
  if (page === 'title') {
    let grid = '';
    for (let x = 40 * u; x < w; x += 80 * u) grid += `M${n(x)} 0V${h}`;
    for (let y = 40 * u; y < h; y += 80 * u) grid += `M0 ${n(y)}H${n(w)}`;
    const [x0, x1, top, base] = [90 * u, w - 90 * u, h - 210 * u, h - 120 * u];
    const bays = 12,
      bay = (x1 - x0) / bays;
    let truss = `M${n(x0)} ${n(base)}H${n(x1)}M${n(x0 + bay)} ${n(top)}H${n(x1 - bay)}`;
    for (let i = 0; i < bays; i += 1) {
      const x = x0 + i * bay;
      truss +=
        i < bays / 2 ? `M${n(x + bay)} ${n(top)}L${n(x)} ${n(base)}` : `M${n(x)} ${n(top)}L${n(x + bay)} ${n(base)}`;
      if (i > 0) truss += `M${n(x)} ${n(top)}V${n(base)}`;
    }
    const joints = Array.from(
      { length: bays + 1 },
      (_, i) =>
        disc(x0 + i * bay, base, 6 * u, GROUND) +
        `<circle cx="${n(x0 + i * bay)}" cy="${n(base)}" r="${n(6 * u)}" fill="none" stroke="${WORDS}" stroke-width="${n(3 * u)}"/>`,
    ).join('');
    const dim = h - 62 * u;
    const [cx, cy, r] = [w - 210 * u, 190 * u, 118 * u];
    return (
      line(grid, WORDS, 1.2 * u, 0.1) +
      line(truss, WORDS, 3.5 * u) +
      joints +
      line(
        `M${n(x0)} ${n(dim - 22 * u)}V${n(dim + 16 * u)}M${n(x1)} ${n(dim - 22 * u)}V${n(dim + 16 * u)}M${n(x0)} ${n(dim)}H${n(x1)}M${n(x0 + 20 * u)} ${n(dim - 9 * u)}L${n(x0)} ${n(dim)}L${n(x0 + 20 * u)} ${n(dim + 9 * u)}M${n(x1 - 20 * u)} ${n(dim - 9 * u)}L${n(x1)} ${n(dim)}L${n(x1 - 20 * u)} ${n(dim + 9 * u)}`,
        ACCENT,
        3 * u,
      ) +
      `<g fill="none" stroke="${WORDS}" stroke-width="${n(3 * u)}"><circle cx="${n(cx)}" cy="${n(cy)}" r="${n(r)}"/><circle cx="${n(cx)}" cy="${n(cy)}" r="${n(r * 0.42)}" stroke="${ACCENT}"/></g>` +
      line(
        `M${n(cx - r * 1.25)} ${n(cy)}H${n(cx + r * 1.25)}M${n(cx)} ${n(cy - r * 1.25)}V${n(cy + r * 1.25)}`,
        ACCENT,
        2 * u,
        0.9,
        `${n(26 * u)} ${n(8 * u)} ${n(5 * u)} ${n(8 * u)}`,
      )
    );
  }
  if (page === 'section')
    return (
      rect(0, h - 150 * u, w, 3 * u, WORDS) +
      scale(30 * u, w, h, 150, 20 * u, WORDS, 4 * u, 1) +
      disc(60 * u, 60 * u, 18 * u, WORDS) +
      disc(60 * u, 60 * u, 8 * u, GROUND)
    );
  return (
    `<rect x="${n(e)}" y="${n(e)}" width="${n(w - 2 * e)}" height="${n(h - 2 * e)}" fill="none" stroke="${ACCENT}" stroke-width="${n(2 * u)}" opacity=".45"/>` +
    scale(e + 20 * u, w - e - 20 * u, h - e, 20, 20 * u, ACCENT, 2 * u, 0.6) +
    cross(e, e, 14 * u, ACCENT, 2 * u, 0.8) +
    cross(w - e, e, 14 * u, ACCENT, 2 * u, 0.8) +
    cross(e, h - e, 14 * u, ACCENT, 2 * u, 0.8) +
    cross(w - e, h - e, 14 * u, ACCENT, 2 * u, 0.8)
  );
};
