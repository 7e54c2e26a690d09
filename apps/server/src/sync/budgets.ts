/** How much of the server a connection, an account and an address may use, so that nobody uses it up for the others. */
import { TokenBucket } from './token-bucket.js';

/** What is used: messages, bytes that come, and the server's time in milliseconds. */
export interface Use {
  readonly messages: number;
  readonly bytes: number;
  readonly time: number;
}

/** Who shares a budget. */
type Sharing = 'connection' | 'account' | 'address';

/** Of each what can be used at once, and what comes back a second. */
interface Allowance {
  readonly messages: readonly [atOnce: number, aSecond: number];
  readonly bytes: readonly [atOnce: number, aSecond: number];
  readonly time: readonly [atOnce: number, aSecond: number];
}

const MB = 1024 * 1024;

/**
 * One device that opens a board of 200 sends about 600 messages at once, and a large paste has 8 MB; a whole school may
 * sit behind one address. The time of all addresses together is bounded by there being one processor.
 */
const allowances: Readonly<Record<Sharing, Allowance>> = {
  connection: { messages: [3000, 200], bytes: [24 * MB, 2 * MB], time: [2000, 250] },
  account: { messages: [6000, 400], bytes: [48 * MB, 4 * MB], time: [3000, 350] },
  address: { messages: [60_000, 6000], bytes: [256 * MB, 32 * MB], time: [6000, 700] },
};

/** One budget. */
export class Budget {
  private readonly messages: TokenBucket;
  private readonly bytes: TokenBucket;
  private readonly time: TokenBucket;

  constructor(sharing: Sharing, now: number) {
    const { messages, bytes, time } = allowances[sharing];
    this.messages = new TokenBucket(...messages, now);
    this.bytes = new TokenBucket(...bytes, now);
    this.time = new TokenBucket(...time, now);
  }

  /** Uses something; gives how long to wait before more is taken, in milliseconds. */
  use({ messages = 0, bytes = 0, time = 0 }: Partial<Use>, now: number): number {
    return Math.max(this.messages.use(messages, now), this.bytes.use(bytes, now), this.time.use(time, now));
  }

  isFull(now: number): boolean {
    return this.messages.isFull(now) && this.bytes.isFull(now) && this.time.isFull(now);
  }
}

/** How many shared budgets are kept before those that nobody uses are let go. */
const KEPT = 2000;

/** Budgets that several connections share, by whose they are. */
export class SharedBudgets {
  private readonly known = new Map<string, Budget>();

  of(sharing: Sharing, whose: string, now: number): Budget {
    const key = `${sharing} ${whose}`;
    const budget = this.known.get(key) ?? new Budget(sharing, now);
    if (!this.known.has(key) && this.known.size >= KEPT) this.letGo(now);
    this.known.set(key, budget);
    return budget;
  }

  private letGo(now: number): void {
    for (const [key, budget] of this.known) if (budget.isFull(now)) this.known.delete(key);
  }
}
