/**
 * How often what is shared may be asked things by people nobody knows: enough for a hall that opens it at once, not for a
 * loop. Nothing of who asks is kept, so it goes by the share, and is a process's own.
 */
import { refuseWith } from '../errors/index.js';
import { TokenBucket } from '../sync/index.js';

/** All at once, and each second: of a thousand people in a hall each asks something every few seconds. */
const AT_ONCE = 1000;
const PER_SECOND = 200;
/** So many shares are counted before those that rest are forgotten. */
const MOST_COUNTED = 1000;

export class LookBudget {
  private readonly buckets = new Map<string, TokenBucket>();

  /** @param now in milliseconds, by a clock that does not go back */
  constructor(private readonly now: () => number = () => performance.now()) {}

  /** Counts that something is asked of a share. @throws ProblemException when it is asked too often */
  count(address: string): void {
    const now = this.now();
    if (this.buckets.size >= MOST_COUNTED) this.forgetResting(now);
    const bucket = this.buckets.get(address) ?? new TokenBucket(AT_ONCE, PER_SECOND, now);
    this.buckets.set(address, bucket);
    const wait = bucket.wait(1, now);
    if (wait > 0) throw refuseWith(429, 'too-many-attempts', { seconds: Math.max(1, Math.ceil(wait / 1000)) });
    bucket.use(1, now);
  }

  private forgetResting(now: number): void {
    for (const [address, bucket] of this.buckets) if (bucket.isFull(now)) this.buckets.delete(address);
  }
}
