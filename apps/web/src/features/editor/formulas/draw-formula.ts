/** The drawings of formulas, each drawn once. */
import type { TypedFormula } from '@gobrel/core/deck';
import type { DrawnTex } from '@gobrel/core/tex';
import { askingWorker } from '../../../shared/workers';
import type { FormulaTasks } from './formula-worker';

const ask = askingWorker<FormulaTasks>(
  () => new Worker(new URL('./formula-worker.ts', import.meta.url), { type: 'module' }),
);

/** The most formulas that are remembered; the oldest go first. */
const MOST_KEPT = 500;

const drawn = new Map<string, Promise<DrawnTex>>();

/** Draws a formula, or says what is wrong with it. */
export function drawFormula({ source, tex, byItself }: TypedFormula): Promise<DrawnTex> {
  const known = drawn.get(source);
  if (known) return known;
  const drawing = ask('draw', { tex, byItself });
  drawn.set(source, drawing);
  const [oldest] = drawn.keys();
  if (drawn.size > MOST_KEPT && oldest !== undefined) drawn.delete(oldest);
  drawing.catch(() => drawn.delete(source));
  return drawing;
}
