/**
 * The bus: what happens in one process and concerns others is said over it, always after it is on disk. Whoever may have
 * missed something looks everything up anew, so that nothing depends on every word being heard.
 */
import { randomUUID } from 'node:crypto';
import { Inject, Injectable, Logger, type OnApplicationShutdown, type OnModuleInit } from '@nestjs/common';
import type { Carrier } from './carrier.js';
import { type BusMessage, isFrom, type Presence, readEnvelope, writeEnvelope } from './messages.js';
import { ALIVE_EVERY_MS, Peers } from './peers.js';

/** The token by which the bus gets what carries it. */
export const CARRIER = Symbol('what carries the bus');

/** A listener may have missed what happened since this moment, in milliseconds since 1970. */
type CatchUp = (since: number) => void;
type Listeners = { [S in BusMessage['say']]?: (message: Extract<BusMessage, { say: S }>) => void };

/** The most that waits to be said, in texts; then it is left out, and said to have been. */
const MOST_WAITING = 20_000;
/** The most texts that are said at once. */
const MOST_AT_ONCE = 500;
/** When it is said that what carries the bus does not answer, in milliseconds after the start. */
const LATE_MS = 5000;
const UNHEARD = 'Other processes are not heard: what carries the bus does not answer. It is tried again and again.';
/** Longer than anything is on its way or a process goes unmissed, in milliseconds. */
const MARGIN_MS = 30_000;

@Injectable()
export class BusService implements OnModuleInit, OnApplicationShutdown {
  private readonly log = new Logger('Bus');
  private readonly own = randomUUID().slice(0, 8);
  private readonly peers = new Peers(performance.now());
  private readonly listeners: Listeners = {};
  private readonly catchingUp = new Set<CatchUp>();
  private waiting: string[] = [];
  private isSaying = false;
  private hasMissed = false;
  private alive: ReturnType<typeof setInterval> | undefined;
  /** Up to when everything was heard, in milliseconds since 1970. */
  private soundAt = Date.now();

  constructor(@Inject(CARRIER) private readonly carrier: Carrier) {}

  onModuleInit(): void {
    const listener = { heard: (text: string) => this.hear(text), gap: () => this.afterGap() };
    const late = setTimeout(() => this.log.warn(UNHEARD), LATE_MS).unref();
    this.carrier.start(listener).then(
      () => {
        clearTimeout(late);
        this.present('hello');
      },
      (error: unknown) => this.log.error(`Nothing is heard of other processes: ${String(error)}`),
    );
    this.alive = setInterval(() => this.beat(), ALIVE_EVERY_MS).unref();
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.alive);
    await this.carrier.say([writeEnvelope({ from: this.own, body: 'leaving' })]).catch(() => undefined);
    await this.carrier.stop();
  }

  /** Whether there may be other processes, so that what is open here need not be all there is. */
  get hasOthers(): boolean {
    return this.peers.mayListen(performance.now());
  }

  /** The longest text that can be said, in bytes. */
  get largest(): number {
    return this.carrier.largest;
  }

  /** Says something to all other processes. What it is about has to be on disk. */
  say(message: BusMessage): void {
    if (this.hasOthers) this.put(writeEnvelope({ from: this.own, body: message }));
  }

  /** Calls `listener` with everything of one kind that other processes say; each kind has one listener. */
  on<S extends BusMessage['say']>(say: S, listener: (message: Extract<BusMessage, { say: S }>) => void): void {
    Object.assign(this.listeners, { [say]: listener });
  }

  /** Calls `listener` when something may have been missed. */
  onCatchUp(listener: CatchUp): void {
    this.catchingUp.add(listener);
  }

  private hear(text: string): void {
    // One's own words come back: so far everything was heard.
    if (isFrom(text, this.own)) return void (this.soundAt = Date.now());
    const envelope = readEnvelope(text);
    if (!envelope) return;
    const { from, body } = envelope;
    const presence = typeof body === 'string' ? body : null;
    const { answer, catchUp, sayMissed } = this.peers.hear(from, presence, performance.now());
    if (answer) this.present('alive');
    if (sayMissed) this.present('missed');
    if (catchUp) this.catchUp();
    if (typeof body !== 'string') this.pass(body);
  }

  private pass(message: BusMessage): void {
    try {
      dispatch(this.listeners, message);
    } catch (error) {
      this.log.error(`What another process said is not followed: ${String(error)}`);
    }
  }

  /** Like a new process it says who it is; unlike one it may have done things of which nobody knows. */
  private afterGap(): void {
    if (this.peers.areKnown) this.catchUp();
    this.peers.beginAnew(performance.now());
    this.present('hello');
    this.present('missed');
  }

  private beat(): void {
    this.present('alive');
    if (this.peers.letGo(performance.now())) this.catchUp();
  }

  private catchUp(): void {
    const since = this.soundAt - MARGIN_MS;
    for (const listener of this.catchingUp) listener(since);
  }

  private present(presence: Presence): void {
    this.put(writeEnvelope({ from: this.own, body: presence }));
  }

  private put(text: string): void {
    if (this.waiting.length < MOST_WAITING) this.waiting.push(text);
    else this.hasMissed = true;
    if (!this.isSaying) void this.sayAll();
  }

  /** One group at a time, each with all that has come meanwhile. */
  private async sayAll(): Promise<void> {
    this.isSaying = true;
    while (this.waiting.length > 0) {
      const group = this.waiting.splice(0, MOST_AT_ONCE);
      if (this.hasMissed) group.push(writeEnvelope({ from: this.own, body: 'missed' }));
      try {
        await this.carrier.say(group);
        this.hasMissed = false;
      } catch {
        // The next beat says that something was missed.
        this.hasMissed = true;
      }
    }
    this.isSaying = false;
  }
}

function dispatch<S extends BusMessage['say']>(listeners: Listeners, message: Extract<BusMessage, { say: S }>): void {
  listeners[message.say]?.(message);
}
