/** Texts as people type them: what stands around them and cannot be seen is no part of them. */
import { Transform } from 'class-transformer';

const AROUND = /^[\s\p{Cf}]+|[\s\p{Cf}]+$/gu;

/** A field whose text is taken without white space and unseen letters around it. */
export const Trimmed = (): PropertyDecorator =>
  Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.replace(AROUND, '') : value));
