/** Slate: chalk on slate, wiped and drawn by hand. */
import {
  chalk,
  disc,
  line,
  n,
  unit,
  type Backdrop,
  type Place,
  WORDS,
  ACCENT,
  THIRD,
  SECOND,
  SOFT,
} from './drawing.js';

export const slate: Backdrop = (w, h, page) => {
  const u = unit(w, h);
  const wiped =
    line(
      `M${n(-0.1 * w)} ${n(0.62 * h)}Q${n(0.3 * w)} ${n(-0.04 * h)} ${n(1.1 * w)} ${n(0.42 * h)}`,
      WORDS,
      170 * u,
      0.022,
    ) +
    line(
      `M${n(-0.1 * w)} ${n(1.08 * h)}Q${n(0.5 * w)} ${n(0.38 * h)} ${n(1.1 * w)} ${n(0.84 * h)}`,
      WORDS,
      200 * u,
      0.02,
    ) +
    line(
      `M${n(-0.1 * w)} ${n(0.96 * h)}Q${n(0.42 * w)} ${n(0.5 * h)} ${n(1.1 * w)} ${n(0.66 * h)}`,
      WORDS,
      80 * u,
      0.024,
    );
  if (page === 'title') {
    const [x, y, r] = [w - 282 * u, 0.5 * h, 206 * u];
    const p = (deg: number, k = 1): Place => [
      n(x + Math.cos((deg * Math.PI) / 180) * r * k),
      n(y + Math.sin((deg * Math.PI) / 180) * r * k),
    ];
    const [a, b, c] = [p(-150), p(-20), p(80)];
    let ticks = '';
    for (let deg = 0; deg < 360; deg += 15)
      ticks += `M${p(deg, 1.05).join(' ')}L${p(deg, deg % 45 === 0 ? 1.14 : 1.09).join(' ')}`;
    return (
      wiped +
      chalk(`M${p(-100).join(' ')}A${n(r)} ${n(r)} 0 1 1 ${p(-104).join(' ')}`, WORDS, 5 * u) +
      chalk(ticks, WORDS, 3.5 * u, 0.6) +
      chalk(`M${a}L${b}L${c}L${a}`, ACCENT, 7 * u) +
      chalk(`M${p(-150)}L${p(30)}`, THIRD, 4 * u, 0.8) +
      chalk(
        `M${n(a[0] + 66 * u)} ${n(a[1] + 7 * u)}q${n(4 * u)} ${n(26 * u)} ${n(-16 * u)} ${n(46 * u)}`,
        SECOND,
        5 * u,
      ) +
      disc(x, y, 6 * u, WORDS)
    );
  }
  if (page === 'section') {
    let z = `M${n(0.09 * w)} ${n(0.78 * h)}`;
    const steps = 22,
      dx = (0.6 * w) / steps;
    for (let i = 0; i < steps; i += 1)
      z += `l${n(dx * 0.28)} ${n(-52 * u + (i % 3) * 4 * u)}l${n(dx * 0.72)} ${n(52 * u - (i % 3) * 4 * u)}`;
    return (
      wiped +
      chalk(z, ACCENT, 9 * u, 0.9) +
      chalk(
        `M${n(0.74 * w)} ${n(0.75 * h)}C${n(0.8 * w)} ${n(0.7 * h)} ${n(0.86 * w)} ${n(0.74 * h)} ${n(0.92 * w)} ${n(0.72 * h)}M${n(0.885 * w)} ${n(0.68 * h)}L${n(0.925 * w)} ${n(0.72 * h)}L${n(0.89 * w)} ${n(0.77 * h)}`,
        ACCENT,
        9 * u,
      )
    );
  }
  const e = 22 * u;
  return (
    wiped +
    chalk(
      `M${n(e)} ${n(e + 6 * u)}C${n(0.3 * w)} ${n(e - 5 * u)} ${n(0.7 * w)} ${n(e + 7 * u)} ${n(w - e + 8 * u)} ${n(e)}M${n(w - e)} ${n(e - 8 * u)}C${n(w - e + 5 * u)} ${n(0.3 * h)} ${n(w - e - 6 * u)} ${n(0.7 * h)} ${n(w - e)} ${n(h - e + 7 * u)}M${n(w - e + 9 * u)} ${n(h - e)}C${n(0.7 * w)} ${n(h - e + 6 * u)} ${n(0.3 * w)} ${n(h - e - 5 * u)} ${n(e - 6 * u)} ${n(h - e)}M${n(e)} ${n(h - e + 6 * u)}C${n(e - 5 * u)} ${n(0.7 * h)} ${n(e + 6 * u)} ${n(0.3 * h)} ${n(e)} ${n(e - 6 * u)}`,
      SOFT,
      4 * u,
      0.55,
    )
  );
};
