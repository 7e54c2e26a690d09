/** A value read from a shared document, kept up to date, for useSyncExternalStore. */
import { useMemo, useSyncExternalStore } from 'react';
import type * as Y from 'yjs';
import type { OpenDocument } from './open-document';

type Events = readonly Y.YEvent<Y.AbstractType<unknown>>[];

/** Something read from a document: how to read it whole, what to watch, and how to take events in. */
export interface Reading<T> {
  readonly read: (doc: Y.Doc) => T;
  readonly scope: (doc: Y.Doc) => Y.AbstractType<unknown>[];
  readonly refresh?: (doc: Y.Doc, value: T, events: Events) => T;
}

/** Watches a reading of a document; views are told once a transaction. */
export class Observed<T> {
  private value: T;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly doc: Y.Doc,
    private readonly reading: Reading<T>,
  ) {
    this.value = reading.read(doc);
  }

  get = (): T => this.value;

  subscribe = (listener: () => void): (() => void) => {
    if (this.listeners.size === 0) this.watch(true);
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.watch(false);
    };
  };

  private watch(on: boolean): void {
    if (on) this.value = this.reading.read(this.doc);
    for (const type of this.reading.scope(this.doc)) {
      if (on) type.observeDeep(this.take);
      else type.unobserveDeep(this.take);
    }
  }

  private readonly take = (events: Events): void => {
    const { refresh, read } = this.reading;
    this.value = refresh ? refresh(this.doc, this.value, events) : read(this.doc);
    for (const listener of this.listeners) listener();
  };
}

const never = () => () => undefined;

/** The value of a reading, `null` until the document is open. `reading` must keep its identity. */
export function useObserved<T>(document: OpenDocument | null, reading: Reading<T>): T | null {
  const observed = useMemo(() => (document ? new Observed(document.doc, reading) : null), [document, reading]);
  return useSyncExternalStore(observed?.subscribe ?? never, observed?.get ?? (() => null));
}
