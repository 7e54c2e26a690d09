/** Lets only pages of this server change anything, and only by what pages of other sites cannot send unasked. */
import type { NextFunction, Request, Response } from 'express';
import { isOwnOrigin } from './own-origin.js';
import { refuse } from './problem-exception.js';
import { sendProblem } from './send-problem.js';

/** Methods that change nothing. */
const LOOKING = ['GET', 'HEAD', 'OPTIONS'];

/** Where learning platforms send people by forms of their own; what they bring is looked at there. */
const FROM_PLATFORMS = /^\/api\/lti\/[\w-]+\/(?:login|launch)$/;

/** How the tus protocol names the bytes of an upload. */
const UPLOADED = 'application/offset+octet-stream';

/** Refuses, in words, changes asked for by foreign pages, and bodies that are neither JSON nor files. */
export function ownPagesOnly(request: Request, response: Response, next: NextFunction): void {
  const isFree = LOOKING.includes(request.method) || isFromPlatform(request);
  const problem = isFree ? null : problemOf(request);
  if (problem === null) return next();
  sendProblem(response, problem);
}

function problemOf(request: Request) {
  if (!isOwnOrigin(request.headers)) return refuse(403, 'foreign-page').problem;
  // Pictures come in forms, and files by the protocol of uploads, from pages of our own, as was just seen.
  const isTaken = !hasBody(request) || request.is(['application/json', 'multipart/form-data', UPLOADED]);
  return isTaken ? null : refuse(415, 'unreadable').problem;
}

function isFromPlatform(request: Request): boolean {
  return FROM_PLATFORMS.test(request.path) && Boolean(request.is('application/x-www-form-urlencoded'));
}

function hasBody({ headers }: Request): boolean {
  return headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0;
}
