/** Notebook: squared paper with a red margin; the title slide is the cloth cover, section slides are dividers. */
import { disc, fill, line, n, rect, unit, type Backdrop, SECOND, WORDS, THIRD, GROUND } from './drawing.js';

export const notebook: Backdrop = (w, h, page) => {
  const u = unit(w, h),
    m = 54 * u;
  if (page === 'title')
    return (
      rect(0, 0, 92 * u, h, SECOND) +
      line(`M${n(112 * u)} ${n(14 * u)}V${n(h)}`, WORDS, 4 * u, 0.6, `${n(20 * u)} ${n(16 * u)}`) +
      fill(`M${n(w - 150 * u)} 0H${n(w)}V${n(150 * u)}Z`, SECOND) +
      fill(`M${n(w - 150 * u)} ${h}H${n(w)}V${n(h - 150 * u)}Z`, SECOND) +
      `<rect x="${n(w * 0.17)}" y="${n(h * 0.2)}" width="${n(w * 0.68)}" height="${n(h * 0.6)}" rx="${n(18 * u)}" fill="none" stroke="${WORDS}" stroke-width="${n(4 * u)}" opacity=".85"/>` +
      `<rect x="${n(w * 0.17 + 14 * u)}" y="${n(h * 0.2 + 14 * u)}" width="${n(w * 0.68 - 28 * u)}" height="${n(h * 0.6 - 28 * u)}" rx="${n(8 * u)}" fill="none" stroke="${WORDS}" stroke-width="${n(1.5 * u)}" opacity=".6"/>`
    );
  if (page === 'section') {
    const sheet = (y: number, x: number, wide: number, c: string) => {
      const t = 56 * u,
        r = 22 * u;
      return fill(
        `M0 ${n(y + t)}H${n(x)}C${n(x + r)} ${n(y + t)} ${n(x + r * 0.6)} ${n(y)} ${n(x + 2 * r)} ${n(y)}H${n(x + wide - 2 * r)}C${n(x + wide - r * 0.6)} ${n(y)} ${n(x + wide - r)} ${n(y + t)} ${n(x + wide)} ${n(y + t)}H${n(w)}V${h}H0Z`,
        c,
      );
    };
    return (
      rect(0, 0, w, h, WORDS, 0.14) +
      sheet(h * 0.06, w * 0.64, w * 0.28, THIRD) +
      sheet(h * 0.13, w * 0.35, w * 0.28, SECOND) +
      sheet(h * 0.2, w * 0.06, w * 0.28, GROUND)
    );
  }
  const step = 36 * u;
  let d = '';
  for (let x = m + step; x < w; x += step) d += `M${n(x)} 0V${h}`;
  for (let y = step / 2; y < h; y += step) d += `M0 ${n(y)}H${n(w)}`;
  return (
    line(d, THIRD, 1.4 * u, 0.13) +
    line(`M${n(m)} 0V${h}`, SECOND, 3 * u, 0.55) +
    [0.16, 0.5, 0.84].map((y) => disc(m / 2, y * h, 9 * u, WORDS, 0.13)).join('')
  );
};
