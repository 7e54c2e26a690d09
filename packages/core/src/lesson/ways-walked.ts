/** The ways a class walked through a deck, counted: from slide to slide, and where they parted. */
import type { SlideId } from '../deck/index.js';

/** A step that students took. */
interface StepWalked {
  readonly from: SlideId;
  readonly to: SlideId;
  /** How many students took it, each counted once. */
  readonly students: number;
}

/** Everything that was walked. */
export interface WaysWalked {
  readonly steps: readonly StepWalked[];
  /** How many students were on each slide. */
  readonly reached: ReadonlyMap<SlideId, number>;
}

/**
 * Counts the ways of several students. Of a way only the steps that lead on are known: where somebody went back and
 * took another way, the last one counts; slides they saw on the first are in `seen`.
 */
export function countWays(
  walks: readonly { readonly walk: readonly SlideId[]; readonly seen: readonly SlideId[] }[],
): WaysWalked {
  const steps = new Map<string, StepWalked>();
  const reached = new Map<SlideId, number>();
  for (const { walk, seen } of walks) {
    const own = new Set<string>();
    for (const [at, to] of walk.entries()) {
      const from = walk[at - 1];
      if (from !== undefined && from !== to) own.add(`${from} ${to}`);
    }
    for (const key of own) {
      const [from = '', to = ''] = key.split(' ');
      steps.set(key, { from, to, students: (steps.get(key)?.students ?? 0) + 1 });
    }
    for (const slideId of new Set([...walk, ...seen])) reached.set(slideId, (reached.get(slideId) ?? 0) + 1);
  }
  return { steps: [...steps.values()].sort((a, b) => b.students - a.students), reached };
}

/** The steps from one slide, the one that most took first. */
export function stepsFrom({ steps }: WaysWalked, slideId: SlideId): readonly StepWalked[] {
  return steps.filter(({ from }) => from === slideId);
}
