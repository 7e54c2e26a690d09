/** What the link of a mail ends with: only whoever reads the mail has it, as the database holds its hash alone. */
import { createHash, randomBytes } from 'node:crypto';

/** A new one, of 256 random bits, and its hash. */
export function newLinkToken(): { readonly token: string; readonly tokenHash: string } {
  const token = randomBytes(32).toString('base64url');
  return { token, tokenHash: linkTokenHash(token) };
}

/** The SHA-256 of one, in hexadecimal. */
export function linkTokenHash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
