/** Refusals in the one shape of an error. */
import type { Missing, PlainProblem, Problem, ProblemValues } from '@gobrel/contract';
import { HttpException } from '@nestjs/common';

/** An HTTP error that the interface has words for. */
export class ProblemException extends HttpException {
  constructor(readonly problem: Problem) {
    super(problem, problem.status);
    this.message = problem.code;
  }
}

/** A refusal. @param fields what is wrong with single fields of the form, by their names */
export function refuse(status: number, code: PlainProblem, fields?: Problem['fields']): ProblemException {
  return new ProblemException(fields ? { status, code, fields } : { status, code });
}

/** A refusal that is told with values. */
export function refuseWith<C extends keyof ProblemValues>(
  status: number,
  code: C,
  values: ProblemValues[C],
): ProblemException {
  return new ProblemException({ status, code, values });
}

/** For what is not there, or not yours: the two are told apart to nobody. */
export function notFound(what: Missing): ProblemException {
  return refuseWith(404, 'not-found', { what });
}
