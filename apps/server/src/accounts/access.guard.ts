/** Checks every request against the roles its route states. */
import { type CanActivate, type ExecutionContext, Injectable } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { refuse } from '../errors/index.js';
import { type IdentifiedRequest, type Role, ROLES } from './access.js';
import { SessionsService } from './sessions.service.js';
import { TokensService } from './tokens.service.js';

@Injectable()
export class AccessGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
    private readonly tokens: TokensService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const roles = this.reflector.getAllAndOverride<Role[] | undefined>(ROLES, [
      context.getHandler(),
      context.getClass(),
    ]);
    const request = context.switchToHttp().getRequest<IdentifiedRequest>();
    // A script has no cookies, and a page's cookies let nobody at what is for scripts.
    if (roles?.includes('script')) {
      request.identity = { teacherId: await this.tokens.owner(context, request), participant: null };
      return true;
    }
    request.identity = await this.sessions.identify(request.headers.cookie);
    const { teacherId, participant } = request.identity;
    if (roles?.includes('anyone')) return true;
    if (roles?.includes('teacher') && teacherId) return true;
    if (roles?.includes('participant') && participant) return true;
    if (!teacherId && !participant) throw refuse(401, 'sign-in');
    throw refuse(403, 'not-allowed');
  }
}
