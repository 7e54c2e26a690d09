/** Refusals in the one shape of an error. */
import type { Problem } from '@gobrel/contract';
import { HttpException } from '@nestjs/common';

/** An HTTP error whose words are meant for the person at the screen. */
export class ProblemException extends HttpException {
  constructor(readonly problem: Problem) {
    super(problem, problem.status);
  }
}

/** A refusal with words. */
export function refuse(status: number, code: string, message: string, fields?: Problem['fields']): ProblemException {
  return new ProblemException(fields ? { status, code, message, fields } : { status, code, message });
}

/** For what is not there, or not yours: the two are told apart to nobody. */
export function notFound(what: string): ProblemException {
  return refuse(404, 'not-found', `There is no such ${what} here, or it is not yours. Check the address.`);
}
