/** What is told of a route of the HTTP API, for its document. */
import type { TokenScope } from '@gobrel/contract';
import type { Type } from '@nestjs/common';
import { ForScripts } from '../accounts/index.js';

/** A route of the API: who may ask it, what it does, and with what it answers. */
export interface ApiOperation {
  readonly scope: TokenScope;
  /** What it does, in a sentence. */
  readonly does: string;
  /** The class of what it answers with. */
  readonly answers: Type;
  /** Whether it answers with a list of them. */
  readonly many?: boolean;
  /** The class of what it takes. */
  readonly takes?: Type;
}

/** What was stated, by the methods it was stated of. */
const stated = new WeakMap<object, ApiOperation>();

/** States it of a method of a controller. */
export const Operation =
  (operation: ApiOperation): MethodDecorator =>
  (target, name, descriptor) => {
    ForScripts(operation.scope)(target, name, descriptor);
    if (typeof descriptor.value === 'function') stated.set(descriptor.value, operation);
  };

/** What was stated of a method; `undefined` where nothing was. */
export function operationOf(method: object): ApiOperation | undefined {
  return stated.get(method);
}
