/** Whatever goes wrong as a problem the interface has words for. */
import type { PlainProblem, Problem } from '@gobrel/contract';
import { HttpException, Logger } from '@nestjs/common';
import { readFields } from '@gobrel/core/deck';
import { ProblemException } from './problem-exception.js';

const log = new Logger('Requests');

/** What PostgreSQL and the network say when the database is away, by code or message. */
const AWAY = /ECONNREFUSED|ECONNRESET|EPIPE|57P0[123]|08\d{3}|timeout exceeded|Connection terminated|not connected/i;

/** Whether an error means that the database cannot be reached just now. */
function isDatabaseAway(error: unknown): boolean {
  if (error instanceof HttpException || typeof error !== 'object' || error === null) return false;
  const { code, message, driverError, errors } = error as Partial<Record<string, unknown>>;
  const said = [code, message, driverError, ...(Array.isArray(errors) ? errors : [])];
  return said.some((part) => part !== undefined && AWAY.test(String(part)));
}

/** What is said of statuses that come from below. */
const plainCodes: Readonly<Record<number, PlainProblem>> = { 400: 'unreadable', 404: 'nothing-here', 413: 'too-large' };

/** The problem that an error is told as; what nobody foresaw is in the log. */
export function problemOf(error: unknown): Problem {
  if (error instanceof ProblemException) return error.problem;
  if (isDatabaseAway(error)) return { status: 503, code: 'database-away' };
  const status = error instanceof HttpException ? error.getStatus() : Number(readFields(error)?.['status'] ?? 500);
  if (status >= 400 && status < 500) return { status, code: plainCodes[status] ?? 'refused' };
  log.error(error instanceof Error ? (error.stack ?? error.message) : String(error));
  return { status: 500, code: 'server-fault' };
}
