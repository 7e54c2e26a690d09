/** Takes out of requests what no database can store, before anybody reads them. */
import { storableText } from '@gobrel/core/deck';
import type { NextFunction, Request, Response } from 'express';
import { refuse } from './problem-exception.js';
import { sendProblem } from './send-problem.js';

/** How many levels of lists and objects a request may have; a deck has about a dozen. */
const DEEPEST_REQUEST = 60;

/**
 * Cleans the texts of a request's JSON of NUL and of halves of surrogate pairs. Refuses, in words, an address that holds
 * them or cannot be read, and JSON that is nested endlessly.
 */
export function cleanRequest(request: Request, response: Response, next: NextFunction): void {
  const problem = problemOf(request);
  if (problem === null) return next();
  sendProblem(response, problem);
}

function problemOf(request: Request) {
  if (!isReadable(request.url)) {
    return refuse(400, 'bad-address').problem;
  }
  try {
    if (request.body !== undefined) request.body = cleaned(request.body, DEEPEST_REQUEST);
    return null;
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return refuse(400, 'too-deep').problem;
  }
}

function isReadable(address: string): boolean {
  try {
    const text = decodeURIComponent(address.replace(/\+/g, ' '));
    return storableText(text) === text;
  } catch {
    return false;
  }
}

/** A value with all its texts cleaned. @throws RangeError when it has more levels than `levels` */
function cleaned(value: unknown, levels: number): unknown {
  if (typeof value === 'string') return storableText(value);
  if (typeof value !== 'object' || value === null || Buffer.isBuffer(value)) return value;
  if (levels <= 0) throw new RangeError('nested too deeply');
  if (Array.isArray(value)) return value.map((entry) => cleaned(entry, levels - 1));
  return Object.fromEntries(
    Object.entries(value).map(([name, entry]) => [storableText(name), cleaned(entry, levels - 1)]),
  );
}
