/** Which other processes there are, by what is heard of them. */
import type { Presence } from './messages.js';

/** How often a process says that it is there, and how long one is waited for that says nothing; in milliseconds. */
export const ALIVE_EVERY_MS = 2000;
const SILENT_FOR_MS = 7000;

/**
 * For so long after its start, in milliseconds, a process says everything, whether it knows of somebody or not: whoever is
 * there will have answered its hello by then.
 */
const NEW_FOR_MS = 10_000;

/** What is to be done after something was heard. */
interface Consequence {
  /** Says to everybody that it is there. */
  readonly answer: boolean;
  /** Looks up what may have been missed. */
  readonly catchUp: boolean;
  /** Says to everybody that they may have missed something. */
  readonly sayMissed: boolean;
}

const NOTHING: Consequence = { answer: false, catchUp: false, sayMissed: false };

export class Peers {
  /** When each was heard the last time, in milliseconds. */
  private readonly heardAt = new Map<string, number>();

  /** @param startedAt and every `now`: milliseconds on one clock */
  constructor(private startedAt: number) {}

  /** Whether anybody is known of. */
  get areKnown(): boolean {
    return this.heardAt.size > 0;
  }

  /** Says everything for a while again, as after the start. */
  beginAnew(now: number): void {
    this.startedAt = now;
  }

  /** Whether anybody may be listening. */
  mayListen(now: number): boolean {
    return this.areKnown || this.isNew(now);
  }

  /** Something was heard of a process; `null` is anything that says nothing about itself. */
  hear(from: string, presence: Presence | null, now: number): Consequence {
    if (presence === 'leaving') {
      this.heardAt.delete(from);
      return NOTHING;
    }
    const isKnown = this.heardAt.has(from);
    this.heardAt.set(from, now);
    // Whoever has just come looks everything up, and nothing was kept from it.
    if (presence === 'hello') return { ...NOTHING, answer: true };
    if (isKnown) return { ...NOTHING, catchUp: presence === 'missed' };
    // It was there all the time, and what was said before may not have reached either.
    return { answer: false, catchUp: true, sayMissed: !this.isNew(now) };
  }

  /** Forgets those of whom nothing is heard any more. What was the last they did may not have been said: whether so. */
  letGo(now: number): boolean {
    const gone = [...this.heardAt].filter(([, at]) => now - at > SILENT_FOR_MS);
    for (const [id] of gone) this.heardAt.delete(id);
    return gone.length > 0;
  }

  private isNew(now: number): boolean {
    return now - this.startedAt < NEW_FOR_MS;
  }
}
