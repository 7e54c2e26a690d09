/**
 * Passwords and PINs, hashed with argon2id. Hashing takes time on purpose, so it goes by turns: whoever tries many, or makes
 * many accounts, waits for their own and not others for them.
 */
import { hash, verify } from '@node-rs/argon2';
import { Injectable } from '@nestjs/common';
import { availableParallelism } from 'node:os';
import { TurnsOfOwners } from '../turns/turns-of-owners.js';

/** How many are hashed at once: more would only take processors from one another. */
const AT_ONCE = Math.max(2, availableParallelism());

/** How dear a hash is: memory in KiB, passes over it. */
interface Cost {
  readonly memoryCost: number;
  readonly timeCost: number;
}

/** A password's: what the library takes by default, 19 MiB and two passes. */
const PASSWORD: Cost = { memoryCost: 19_456, timeCost: 2 };
/**
 * A PIN's. Whoever has the hash of four digits finds them at any cost that a class can wait for, so that it is the counted
 * tries that keep a PIN safe; a class that comes in at once does not wait for the cost of a password.
 */
const PIN: Cost = { memoryCost: 1024, timeCost: 1 };

/** The hash of a password to store. */
export function hashPassword(password: string): Promise<string> {
  return hash(password, PASSWORD);
}

/** The hash of a PIN to store. */
export function hashPin(pin: string): Promise<string> {
  return hash(pin, PIN);
}

/** Whether a PIN's hash is as dear as a password's, as it was once: then it is to be stored anew. */
export function isDearPin(stored: string): boolean {
  return !stored.includes(`m=${PIN.memoryCost},`);
}

@Injectable()
export class SecretsService {
  private readonly waiting = new TurnsOfOwners<() => Promise<void>>();
  private running = 0;

  /** The hash of a password to store. @param owner for whom it is done, in whose turn */
  hashPassword(password: string, owner: string): Promise<string> {
    return this.inTurn(owner, () => hashPassword(password));
  }

  /** The hash of a PIN to store. @param owner for whom it is done, in whose turn */
  hashPin(pin: string, owner: string): Promise<string> {
    return this.inTurn(owner, () => hashPin(pin));
  }

  /**
   * Whether a secret is the one that was hashed; with no hash it still takes its time, and is not.
   * @param owner whose secret it is, in whose turn
   */
  matches(secret: string, stored: string | null, owner: string): Promise<boolean> {
    return this.inTurn(owner, async () => {
      if (stored !== null) return verify(stored, secret);
      await hashPassword(secret);
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
