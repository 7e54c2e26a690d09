/** Turns everything that goes wrong in a request into a problem the interface has words for; nothing shows a stack trace. */
import { type ArgumentsHost, Catch, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { problemOf } from './problem-of.js';
import { sendProblem } from './send-problem.js';

@Catch()
export class ProblemFilter implements ExceptionFilter {
  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const problem = problemOf(error);
    if (response.headersSent) return void response.end();
    sendProblem(response, problem);
  }
}
