/** Lets only pages of this server change anything, and only by what pages of other sites cannot send unasked. */
import type { NextFunction, Request, Response } from 'express';
import { isOwnOrigin } from './own-origin.js';
import { refuse } from './problem-exception.js';
import { sendProblem } from './send-problem.js';

/** Methods that change nothing. */
const LOOKING = ['GET', 'HEAD', 'OPTIONS'];

/** Refuses, in words, changes asked for by foreign pages, and bodies that are neither JSON nor files. */
export function ownPagesOnly(request: Request, response: Response, next: NextFunction): void {
  const problem = LOOKING.includes(request.method) ? null : problemOf(request);
  if (problem === null) return next();
  sendProblem(response, problem);
}

function problemOf(request: Request) {
  if (!isOwnOrigin(request.headers)) return refuse(403, 'foreign-page').problem;
  // Files come in forms, from pages of our own, as was just seen.
  const isTaken = !hasBody(request) || request.is('application/json') || request.is('multipart/form-data');
  return isTaken ? null : refuse(415, 'unreadable').problem;
}

function hasBody({ headers }: Request): boolean {
  return headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0;
}
