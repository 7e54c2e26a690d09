/** Dune: one crest between light and shade. */
import { at, disc, fill, n, unit, type Backdrop, WORDS, ACCENT, SECOND, GROUND } from './drawing.js';

export const dune: Backdrop = (w, h, page) => {
  const u = unit(w, h);
  const ridge = (lit: number, dark: number) =>
    fill('M-900 0C-700-10-560-70-420-150C-360-184-310-206-250-210C-170-160-60-110 60-96V20H-900Z', ACCENT, lit) +
    fill('M-250-210C-290-170-250-140-290-104S-400-50-380 0H-380V20H60V-96C-60-110-170-160-250-210Z', WORDS, dark);
  if (page === 'title')
    return (
      disc(w - 300 * u, 0.34 * h, 118 * u, '#ffffff', 0.75) +
      disc(w - 300 * u, 0.34 * h, 172 * u, '#ffffff', 0.28) +
      fill(
        `M0 ${n(0.74 * h)}C${n(0.16 * w)} ${n(0.62 * h)} ${n(0.27 * w)} ${n(0.63 * h)} ${n(0.4 * w)} ${n(0.7 * h)}S${n(0.72 * w)} ${n(0.64 * h)} ${n(w)} ${n(0.57 * h)}V${h}H0Z`,
        ACCENT,
        0.36,
      ) +
      at(
        w + 40 * u,
        h + 4 * u,
        1.25 * u,
        fill('M-1500 20V-40C-1100-50-820-130-560-206C-500-224-450-236-400-234C-300-190-140-140 60-150V20Z', ACCENT) +
          fill('M-400-234C-450-190-400-160-450-116S-600-50-580 20H60V-150C-140-140-300-190-400-234Z', WORDS, 0.34),
      ) +
      at(0, h, 1.25 * u, fill('M-40-116C60-130 130-120 250-70S500 10 640 20H-40Z', SECOND, 1))
    );
  if (page === 'section')
    return (
      fill(
        `M0 ${n(0.86 * h)}C${n(0.2 * w)} ${n(0.7 * h)} ${n(0.34 * w)} ${n(0.76 * h)} ${n(0.52 * w)} ${n(0.72 * h)}S${n(0.85 * w)} ${n(0.5 * h)} ${n(w)} ${n(0.48 * h)}V${h}H0Z`,
        ACCENT,
        0.3,
      ) +
      at(
        w + 20 * u,
        h + 4 * u,
        1.15 * u,
        fill('M-1500 20C-1100 0-820-80-560-176C-500-204-450-222-400-224C-300-180-140-130 60-140V20Z', ACCENT, 0.85) +
          fill('M-400-224C-450-180-400-150-450-106S-600-40-580 20H60V-140C-140-130-300-180-400-224Z', GROUND, 0.72),
      )
    );
  return (
    at(w, h, 0.86 * u, fill('M-1500 20V-8C-1100-10-900-66-700-84S-420-30-200-44S0-90 60-100V20Z', ACCENT, 0.09)) +
    at(w + 30 * u, h + 2 * u, 0.74 * u, ridge(0.17, 0.07))
  );
};
