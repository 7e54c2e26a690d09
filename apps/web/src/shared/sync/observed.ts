/** A value read from a shared document, kept up to date, for useSyncExternalStore. */
import type { Follower } from '@gobrel/core/shared-doc';
import { useMemo, useSyncExternalStore } from 'react';
import type * as Y from 'yjs';
import type { OpenDocument } from './open-document';

type Events = readonly Y.YEvent<Y.AbstractType<unknown>>[];

/** How long views may wait to be told of what can wait, in ms: short enough to be followed by eye. */
const PATIENCE = 120;

/** Something read from a document, and what to watch for it. */
export interface Reading<T> {
  readonly follow: (doc: Y.Doc) => Follower<T>;
  readonly scope: (doc: Y.Doc) => Y.Map<unknown>[];
  /** Whether views may be told of these a moment later, together with what comes after. */
  readonly canWait?: (events: Events) => boolean;
}

/** Follows a value that is read whole whenever something changed. */
export function followWhole<T>(read: (doc: Y.Doc) => T): Reading<T>['follow'] {
  return (doc) => {
    let value = read(doc);
    let isStale = false;
    return {
      take: () => {
        isStale = true;
      },
      get: () => {
        if (isStale) value = read(doc);
        isStale = false;
        return value;
      },
    };
  };
}

/** Those whose views have not been told yet. */
const waiting = new Set<{ tell: () => void }>();

/** Tells all views at once what they would have been told a moment later. */
export function tellWaiting(): void {
  for (const observed of waiting) observed.tell();
}

/** Watches a reading of a document; views are told once a transaction, or once in a while of what can wait. */
export class Observed<T> {
  private follower: Follower<T>;
  private readonly listeners = new Set<() => void>();
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(
    private readonly doc: Y.Doc,
    private readonly reading: Reading<T>,
  ) {
    this.follower = reading.follow(doc);
  }

  /** The value by now, whether or not views have been told. */
  get = (): T => this.follower.get();

  subscribe = (listener: () => void): (() => void) => {
    if (this.listeners.size === 0) this.watch(true);
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.watch(false);
    };
  };

  tell = (): void => {
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = null;
    waiting.delete(this);
    for (const listener of this.listeners) listener();
  };

  private watch(on: boolean): void {
    if (on) this.follower = this.reading.follow(this.doc);
    else this.tell();
    for (const type of this.reading.scope(this.doc)) {
      if (on) type.observeDeep(this.take);
      else type.unobserveDeep(this.take);
    }
  }

  private readonly take = (events: Events): void => {
    this.follower.take(events);
    if (!this.reading.canWait?.(events)) return this.tell();
    waiting.add(this);
    this.timer ??= setTimeout(this.tell, PATIENCE);
  };
}

const never = () => () => undefined;

/** The value of a reading, `null` until the document is open. `reading` must keep its identity. */
export function useObserved<T>(document: OpenDocument | null, reading: Reading<T>): T | null {
  const observed = useMemo(() => (document ? new Observed(document.doc, reading) : null), [document, reading]);
  return useSyncExternalStore(observed?.subscribe ?? never, observed?.get ?? (() => null));
}
