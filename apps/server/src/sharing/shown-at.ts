/** At what somebody looks, and by what: the address of a share, and what its passcode was answered with. */
import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';

export interface ShownAt {
  readonly address: string;
  /** '' for nothing. */
  readonly pass: string;
}

/** Where a request looks, on routes below `shows/:address`. */
export const LooksAt = createParamDecorator((_data: unknown, context: ExecutionContext): ShownAt => {
  const { params, query } = context.switchToHttp().getRequest<Request>();
  const { address } = params;
  return {
    address: typeof address === 'string' ? address : '',
    pass: typeof query['pass'] === 'string' ? query['pass'] : '',
  };
});
