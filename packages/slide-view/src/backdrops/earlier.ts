/** Backdrops of decks made before themes had scenes: pale enough for words to be read on them. Never changed. */
import { ACCENT, type Backdrop, disc, fill, line, rect, SECOND, SOFT, THIRD } from './drawing.js';

/** Distance of dots, and of the crests of waves, in slide units. */
const STEP = { dots: 64, waves: 160 };

export const band: Backdrop = (_w, h) => rect(0, 0, 20, h, ACCENT);

export const foot: Backdrop = (w, h) => rect(0, h - 12, w, 12, ACCENT) + rect(0, h - 18, w, 3, SECOND);

export const corner: Backdrop = (w, h) => disc(w, 0, h * 0.34, ACCENT, 0.12) + disc(w, 0, h * 0.2, SECOND, 0.14);

export const dots: Backdrop = (w, h) => {
  let d = '';
  for (let y = STEP.dots / 2; y < h; y += STEP.dots)
    for (let x = STEP.dots / 2; x < w; x += STEP.dots) d += `M${x} ${y}h0`;
  return line(d, SOFT, 5, 0.14);
};

export const waves: Backdrop = (w, h) => fill(wave(w, h, h - 70), THIRD, 0.08) + fill(wave(w, h, h - 36), ACCENT, 0.12);

/** From a crest line at `top` down to the lower edge. */
function wave(w: number, h: number, top: number): string {
  let d = `M0 ${top}`;
  for (let x = 0; x < w; x += STEP.waves) d += `q${STEP.waves / 4} -28 ${STEP.waves / 2} 0t${STEP.waves / 2} 0`;
  return `${d}V${h}H0Z`;
}
