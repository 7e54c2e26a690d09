/**
 * Passwords and PINs, hashed with argon2id (the library's defaults: 19 MiB, two passes). Hashing takes time on purpose, so
 * it goes by turns: whoever tries many, or makes many accounts, waits for their own and not others for them.
 */
import { hash, verify } from '@node-rs/argon2';
import { Injectable } from '@nestjs/common';
import { availableParallelism } from 'node:os';
import { TurnsOfOwners } from '../turns/turns-of-owners.js';

/** How many are hashed at once: more would only take processors from one another. */
const AT_ONCE = Math.max(2, availableParallelism());

/** The hash to store. */
export function hashSecret(secret: string): Promise<string> {
  return hash(secret);
}

@Injectable()
export class SecretsService {
  private readonly waiting = new TurnsOfOwners<() => Promise<void>>();
  private running = 0;

  /** The hash to store. @param owner for whom it is done, in whose turn */
  hash(secret: string, owner: string): Promise<string> {
    return this.inTurn(owner, () => hashSecret(secret));
  }

  /**
   * Whether a secret is the one that was hashed; with no hash it still takes its time, and is not.
   * @param owner whose secret it is, in whose turn
   */
  matches(secret: string, stored: string | null, owner: string): Promise<boolean> {
    return this.inTurn(owner, async () => {
      if (stored !== null) return verify(stored, secret);
      await hashSecret(secret);
      return false;
    });
  }

  private inTurn<T>(owner: string, act: () => Promise<T>): Promise<T> {
    return new Promise((resolve, reject) => {
      this.waiting.add(owner, () => act().then(resolve, reject));
      this.go();
    });
  }

  private go(): void {
    while (this.running < AT_ONCE) {
      const next = this.waiting.next();
      if (!next) return;
      this.running += 1;
      void next().finally(() => {
        this.running -= 1;
        this.go();
      });
    }
  }
}
