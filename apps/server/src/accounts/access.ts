/** Who may call a route: stated on every route, checked by one guard. */
import type { TokenScope } from '@gobrel/contract';
import { applyDecorators, createParamDecorator, type ExecutionContext, SetMetadata } from '@nestjs/common';
import type { Request } from 'express';

/** Who somebody can be on one device. Teacher and student are told apart by separate cookies. */
export interface Identity {
  readonly teacherId: string | null;
  readonly participant: {
    readonly id: string;
    readonly lessonId: string;
    /** The participant of their group, in whose work they work. */
    readonly worksIn: string | null;
  } | null;
}

/** The roles a route can be open to; `script` is one that sends a token of a teacher's. */
export type Role = 'anyone' | 'teacher' | 'participant' | 'script';

/** The metadata key under which a route's roles stand. */
export const ROLES = 'gobrel:roles';

/** States who may call a route. A route without it is refused to everybody. */
export const Allow = (...roles: Role[]) => SetMetadata(ROLES, roles);

/** The metadata key under which stands what a token has to allow. */
export const SCOPE = 'gobrel:scope';

/** States what a token has to allow for a route that is for scripts. */
export const ForScripts = (scope: TokenScope) => applyDecorators(Allow('script'), SetMetadata(SCOPE, scope));

/** A request after the guard has looked at it. */
export interface IdentifiedRequest extends Request {
  identity?: Identity;
}

/** The signed-in teacher's id, on routes for teachers. */
export const TeacherId = createParamDecorator((_data: unknown, context: ExecutionContext): string => {
  const id = context.switchToHttp().getRequest<IdentifiedRequest>().identity?.teacherId;
  if (!id) throw new Error('TeacherId stands on a route that is not for teachers only');
  return id;
});

/** Whoever called, teacher or student or both. */
export const Who = createParamDecorator(
  (_data: unknown, context: ExecutionContext): Identity =>
    context.switchToHttp().getRequest<IdentifiedRequest>().identity ?? { teacherId: null, participant: null },
);

/** The participant, on routes for students in a lesson. */
export const Participant = createParamDecorator((_data: unknown, context: ExecutionContext) => {
  const participant = context.switchToHttp().getRequest<IdentifiedRequest>().identity?.participant;
  if (!participant) throw new Error('Participant stands on a route that is not for participants only');
  return participant;
});
