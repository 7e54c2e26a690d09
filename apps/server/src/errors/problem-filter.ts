/** Turns everything that goes wrong in a request into a problem the interface has words for; nothing shows a stack trace. */
import type { PlainProblem, Problem } from '@gobrel/contract';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Response } from 'express';
import { ProblemException } from './problem-exception.js';
import { readFields } from '@gobrel/core/deck';
import { sendProblem } from './send-problem.js';

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

@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Requests');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const problem = this.problemFor(error);
    if (response.headersSent) return void response.end();
    sendProblem(response, problem);
  }

  private problemFor(error: unknown): Problem {
    if (error instanceof ProblemException) return error.problem;
    if (isDatabaseAway(error)) return { status: 503, code: 'database-away' };
    const status = error instanceof HttpException ? error.getStatus() : Number(readFields(error)?.['status'] ?? 500);
    if (status >= 400 && status < 500) {
      return { status, code: plainCodes[status] ?? 'refused' };
    }
    this.log.error(error instanceof Error ? (error.stack ?? error.message) : String(error));
    return { status: 500, code: 'server-fault' };
  }
}
