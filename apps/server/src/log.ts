/**
 * What the server says of itself: a line of JSON each, so that no name can end one and begin another. Of a request it has
 * the route's pattern, never its address, headers or body: codes, PINs, passwords, cookies and answers are in those.
 */
import { format } from 'node:util';
import { readFields } from '@gobrel/core/deck';
import type { LoggerService } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';
import { type DestinationStream, type Logger, pino } from 'pino';

/** A log that is written to a stream; to standard output when none is given. */
export function createLog(stream?: DestinationStream): Logger {
  const options = { base: null, timestamp: pino.stdTimeFunctions.isoTime };
  return stream ? pino(options, stream) : pino(options);
}

/** The framework's messages in the log; only what needs somebody's attention. */
export class FrameworkLog implements LoggerService {
  constructor(private readonly target: Logger) {}

  log(): void {
    // That a route is there is no news.
  }

  warn(message: unknown, ...rest: readonly unknown[]): void {
    this.target.warn({ context: rest.at(-1) }, String(message));
  }

  error(message: unknown, ...rest: readonly unknown[]): void {
    this.target.error({ context: rest.at(-1), stack: rest.length > 1 ? rest[0] : undefined }, String(message));
  }
}

/** What libraries print to the console goes the same way. */
export function takeConsole(log: Logger): void {
  console.error = (...said: unknown[]) => log.error({ context: 'console' }, format(...said));
  console.warn = (...said: unknown[]) => log.warn({ context: 'console' }, format(...said));
}

/** A request that was answered. */
export interface AnsweredRequest {
  readonly method: string;
  /** The route's pattern; `other` where there is none. */
  readonly route: string;
  readonly status: number;
  /** In seconds. */
  readonly took: number;
}

/** Calls `note` with every request once it is answered. */
export function noteRequests(note: (request: AnsweredRequest) => void) {
  return (request: Request, response: Response, next: NextFunction): void => {
    const began = performance.now();
    response.once('finish', () => {
      const { path } = readFields(request.route) ?? {};
      note({
        method: request.method,
        route: typeof path === 'string' ? path : 'other',
        status: response.statusCode,
        took: (performance.now() - began) / 1000,
      });
    });
    next();
  };
}
