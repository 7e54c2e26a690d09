/** What went wrong, in words that say what to do. */
import type { FaultCode, PlainProblem, Problem, ProblemValues } from '@gobrel/contract';
import { faults, problems } from '@gobrel/messages';
import { say } from './say';

/** A problem with its values beside its code. */
type FilledProblem =
  | { readonly code: PlainProblem }
  | { readonly [C in keyof ProblemValues]: { readonly code: C } & ProblemValues[C] }[keyof ProblemValues];

/** A problem; of a form that is not right, its first fault. */
export function problemInWords({ code, values, fields = {} }: Problem): string {
  const [fault] = Object.values(fields);
  if (code === 'not-valid' && fault !== undefined) return faultInWords(fault);
  // The values came with this very code.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return say<FilledProblem>(problems, { code, ...values } as FilledProblem);
}

/** What is wrong with a field. */
export function faultInWords(fault: FaultCode): string {
  const known: Readonly<Record<FaultCode, string>> = faults;
  return known[fault];
}
