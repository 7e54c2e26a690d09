/** A token bucket: how much somebody may use of something, all at once and over time. */

/** Fills up by itself to a capacity. Time is in milliseconds, by any clock that does not go back. */
export class TokenBucket {
  private level: number;
  private at: number;

  /**
   * @param capacity what can be used at once
   * @param perSecond what comes back each second
   */
  constructor(
    private readonly capacity: number,
    private readonly perSecond: number,
    now: number,
  ) {
    this.level = capacity;
    this.at = now;
  }

  /** Uses an amount, whether it is there or not; gives how long to wait until nothing is owed, in milliseconds. */
  use(amount: number, now: number): number {
    this.fill(now);
    this.level -= amount;
    return this.level >= 0 ? 0 : (-this.level / this.perSecond) * 1000;
  }

  /** How long to wait until an amount is there, in milliseconds; 0 when it is. Uses nothing. */
  wait(amount: number, now: number): number {
    this.fill(now);
    return this.level >= amount ? 0 : ((amount - this.level) / this.perSecond) * 1000;
  }

  /** Whether nothing of it is in use. */
  isFull(now: number): boolean {
    this.fill(now);
    return this.level >= this.capacity;
  }

  private fill(now: number): void {
    this.level = Math.min(this.capacity, this.level + ((now - this.at) / 1000) * this.perSecond);
    this.at = now;
  }
}
