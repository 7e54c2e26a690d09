/**
 * Telling those who look at a shared deck that there is something to look at again: it was turned off, published anew, or
 * asks for a passcode now. What it is they find out by asking, so that nobody is told more than they may know.
 */
import { Injectable, type BeforeApplicationShutdown, type MessageEvent } from '@nestjs/common';
import { finalize, interval, map, merge, Observable, Subject } from 'rxjs';
import { BusService } from '../bus/index.js';
import { refuse } from '../errors/index.js';

/** How often something is said to those who wait, so that what is between does not end it; in milliseconds. */
const ALIVE_EVERY_MS = 25_000;
/** The most that wait at one process. */
const MOST_WAITING = 5_000;

@Injectable()
export class ShowNews implements BeforeApplicationShutdown {
  private readonly waiting = new Map<string, Set<Subject<void>>>();
  private count = 0;

  constructor(private readonly bus: BusService) {
    bus.on('share', ({ address }) => this.tellHere(address));
    // What was said meanwhile is not known: everybody looks again.
    bus.onCatchUp(() => [...this.waiting.keys()].forEach((address) => this.tellHere(address)));
  }

  /** Everything that is said of a share from now on. */
  of(address: string): Observable<MessageEvent> {
    if (this.count >= MOST_WAITING) throw refuse(503, 'full');
    const said = new Subject<void>();
    const others = this.waiting.get(address) ?? new Set();
    this.waiting.set(address, others.add(said));
    this.count += 1;
    const alive = interval(ALIVE_EVERY_MS).pipe(map((): MessageEvent => ({ type: 'alive', data: '' })));
    const again = said.pipe(map((): MessageEvent => ({ type: 'again', data: '' })));
    return new Observable<MessageEvent>((looker) => {
      said.subscribe({ complete: () => looker.complete() });
      return merge(again, alive).subscribe(looker);
    }).pipe(finalize(() => this.leave(address, said)));
  }

  /** Has everybody who looks at a share look again, here and at other processes. */
  tell(address: string): void {
    this.tellHere(address);
    this.bus.say({ say: 'share', address });
  }

  beforeApplicationShutdown(): void {
    for (const all of this.waiting.values()) for (const said of all) said.complete();
  }

  private tellHere(address: string): void {
    for (const said of this.waiting.get(address) ?? []) said.next();
  }

  private leave(address: string, said: Subject<void>): void {
    const all = this.waiting.get(address);
    if (!all?.delete(said)) return;
    this.count -= 1;
    if (all.size === 0) this.waiting.delete(address);
  }
}
