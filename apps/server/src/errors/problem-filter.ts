/** Turns everything that goes wrong in a request into a problem in words; nothing shows a stack trace. */
import type { Problem } from '@gobrel/contract';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Response } from 'express';
import { ProblemException } from './problem-exception.js';

/** What PostgreSQL and the network say when the database is away, by code or message. */
const AWAY = /ECONNREFUSED|ECONNRESET|EPIPE|57P0[123]|08\d{3}|timeout exceeded|Connection terminated|not connected/i;

/** Whether an error means that the database cannot be reached just now. */
function isDatabaseAway(error: unknown): boolean {
  if (error instanceof HttpException || typeof error !== 'object' || error === null) return false;
  const { code, message, driverError, errors } = error as Partial<Record<string, unknown>>;
  const said = [code, message, driverError, ...(Array.isArray(errors) ? errors : [])];
  return said.some((part) => part !== undefined && AWAY.test(String(part)));
}

const plainWords: Readonly<Record<number, string>> = {
  400: 'The request could not be read. Reload the page and try again.',
  404: 'There is nothing at this address.',
  413: 'This is too large to be taken.',
};

@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Requests');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const problem = this.problemFor(error);
    if (response.headersSent) return void response.end();
    response.status(problem.status).json(problem);
  }

  private problemFor(error: unknown): Problem {
    if (error instanceof ProblemException) return error.problem;
    if (isDatabaseAway(error)) {
      return {
        status: 503,
        code: 'database-away',
        message:
          'The server cannot reach its database just now. What you typed is kept on this device. Try again in a moment.',
      };
    }
    const status =
      error instanceof HttpException ? error.getStatus() : Number((error as { status?: number } | null)?.status ?? 500);
    if (status >= 400 && status < 500) {
      return { status, code: 'refused', message: plainWords[status] ?? 'The server does not take this request.' };
    }
    this.log.error(error instanceof Error ? (error.stack ?? error.message) : String(error));
    return { status: 500, code: 'server-fault', message: 'Something went wrong on the server. Try again in a moment.' };
  }
}
