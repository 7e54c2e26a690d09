/** Passwords and PINs, hashed with argon2id (the library's defaults: 19 MiB, two passes). */
import { hash, verify } from '@node-rs/argon2';

/** The hash to store. */
export function hashSecret(secret: string): Promise<string> {
  return hash(secret);
}

/** Whether a secret is the one that was hashed; with no hash it still takes its time, and is not. */
export async function isSecret(secret: string, stored: string | null): Promise<boolean> {
  if (stored === null) {
    await hash(secret);
    return false;
  }
  return verify(stored, secret);
}
