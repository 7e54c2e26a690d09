/** Answering with a problem. */
import type { Problem } from '@gobrel/contract';
import type { Response } from 'express';

/** No browser keeps it: that something is gone (410) they would otherwise believe for good, though it can come back. */
export function sendProblem(response: Response, problem: Problem): void {
  response.status(problem.status).set('Cache-Control', 'no-store').json(problem);
}
