/** The last part of a web address by which something is looked at. */
import { randomBytes } from 'node:crypto';

/** One that nobody guesses: 96 random bits, in 16 letters. */
export function newAddress(): string {
  return randomBytes(12).toString('base64url');
}
