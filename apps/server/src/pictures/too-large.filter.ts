/** Says that an upload is over the limit. */
import { type ArgumentsHost, Catch, type ExceptionFilter, PayloadTooLargeException } from '@nestjs/common';
import type { Response } from 'express';
import { refuse, sendProblem } from '../errors/index.js';

@Catch(PayloadTooLargeException)
export class TooLargeFilter implements ExceptionFilter {
  catch(_error: PayloadTooLargeException, host: ArgumentsHost): void {
    const { problem } = refuse(413, 'file-too-large');
    sendProblem(host.switchToHttp().getResponse<Response>(), problem);
  }
}
