/**
 * Telling those who look at a shared deck where a show is that they follow, and that there is something to look at again:
 * it was turned off, published anew, or asks for a passcode now. What that is they find out by asking, so that nobody is
 * told more than they may know.
 */
import type { Stop } from '@gobrel/core/show';
import { Injectable, type BeforeApplicationShutdown, type MessageEvent } from '@nestjs/common';
import { finalize, interval, map, merge, Observable, Subject } from 'rxjs';
import { BusService } from '../bus/index.js';
import { refuse } from '../errors/index.js';

/** How often something is said to those who wait, so that what is between does not end it; in milliseconds. */
const ALIVE_EVERY_MS = 25_000;
const AGAIN: MessageEvent = { type: 'again', data: '' };
/** The most that wait at one process. */
const MOST_WAITING = 5_000;

@Injectable()
export class ShowNews implements BeforeApplicationShutdown {
  private readonly waiting = new Map<string, Set<Subject<MessageEvent>>>();
  private count = 0;

  constructor(private readonly bus: BusService) {
    bus.on('share', ({ address }) => this.sayHere(address, AGAIN));
    bus.on('step', ({ address, stop }) => this.sayHere(address, { type: 'step', data: stop }));
    // What was said meanwhile is not known: everybody looks again.
    bus.onCatchUp(() => [...this.waiting.keys()].forEach((address) => this.sayHere(address, AGAIN)));
  }

  /** Everything that is said of a share from now on. */
  of(address: string): Observable<MessageEvent> {
    if (this.count >= MOST_WAITING) throw refuse(503, 'full');
    const said = new Subject<MessageEvent>();
    const others = this.waiting.get(address) ?? new Set();
    this.waiting.set(address, others.add(said));
    this.count += 1;
    const alive = interval(ALIVE_EVERY_MS).pipe(map((): MessageEvent => ({ type: 'alive', data: '' })));
    return new Observable<MessageEvent>((looker) => {
      said.subscribe({ complete: () => looker.complete() });
      return merge(said, alive).subscribe(looker);
    }).pipe(finalize(() => this.leave(address, said)));
  }

  /** Has everybody who looks at a share look again, here and at other processes. */
  tell(address: string): void {
    this.sayHere(address, AGAIN);
    this.bus.say({ say: 'share', address });
  }

  /** Tells everybody who follows a show where it is, here and at other processes. */
  step(address: string, stop: Stop): void {
    this.sayHere(address, { type: 'step', data: stop });
    this.bus.say({ say: 'step', address, stop });
  }

  beforeApplicationShutdown(): void {
    for (const all of this.waiting.values()) for (const said of all) said.complete();
  }

  private sayHere(address: string, event: MessageEvent): void {
    for (const said of this.waiting.get(address) ?? []) said.next(event);
  }

  private leave(address: string, said: Subject<MessageEvent>): void {
    const all = this.waiting.get(address);
    if (!all?.delete(said)) return;
    this.count -= 1;
    if (all.size === 0) this.waiting.delete(address);
  }
}
