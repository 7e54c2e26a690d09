/** Fields that may be left out. */
import { ValidateIf } from 'class-validator';

/**
 * A field that may be left out, and is what it says when it is there. The validator's own decorator also passes `null`,
 * which then reaches columns that hold none.
 */
export const Optional = (): PropertyDecorator => ValidateIf((_object, value: unknown) => value !== undefined);
