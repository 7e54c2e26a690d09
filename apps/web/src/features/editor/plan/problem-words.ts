/** What is wrong in a plan, in words. */
import type { PlanProblem } from '@gobrel/core/story-plan';
import { messages } from '../../../shared/messages';

export function problemInWords(problem: PlanProblem): string {
  switch (problem.kind) {
    case 'no-passage':
      return messages.plan.noPassage({ words: problem.words, named: problem.named });
    case 'no-target':
      return messages.plan.noTarget({ words: problem.words });
    case 'unchosen':
      return messages.plan.unchosen({ name: problem.name });
    case 'same-name':
      return messages.plan.sameName({ name: problem.name });
    case 'unclosed':
      return messages.plan.unclosed({ words: problem.words });
  }
}

/** What is wrong with each line, in words; lines are counted from 1. */
export function faultsByLine(problems: readonly PlanProblem[]): ReadonlyMap<number, string> {
  const faults = new Map<number, string>();
  for (const problem of problems) {
    const before = faults.get(problem.line);
    faults.set(problem.line, [before, problemInWords(problem)].filter(Boolean).join('\n'));
  }
  return faults;
}
