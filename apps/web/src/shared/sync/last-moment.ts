/**
 * What was changed in the last moment before a page goes. Storing on the device takes a while for each change, and a
 * page that is reloaded or closed drops what is under way. So it is put where storing is done at once, and taken back
 * from there when the document is opened again.
 */
import { fromBase64, toBase64 } from 'lib0/buffer';
import * as Y from 'yjs';

/** By then a change is stored on the slowest device, in milliseconds. */
const STORED = 10_000;

type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/** The last changes of a document, made here. */
export class LastMoment {
  private recent: readonly { readonly at: number; readonly update: Uint8Array }[] = [];

  /** @param key under which they lie on the shelf, which is the same whenever the document is open */
  constructor(
    private readonly key: string,
    private readonly doc: Y.Doc,
    private readonly shelf: Shelf = localStorage,
  ) {
    doc.on('update', this.remember);
  }

  /** Puts on the shelf what may not be stored yet, beside what lies there. To be called when the page goes. */
  readonly putDown = (): void => {
    const changes = this.recentNow().map(({ update }) => update);
    if (changes.length === 0) return;
    try {
      this.shelf.setItem(this.key, toBase64(Y.mergeUpdates([...this.lying(), ...changes])));
    } catch {
      // The shelf is full or out of use: then what is under way has to be stored in time.
    }
  };

  /** Takes back into the document what lies on the shelf, and clears it once that is stored. */
  takeUp(): void {
    const lying = this.lying();
    if (lying.length === 0) return;
    for (const update of lying) Y.applyUpdate(this.doc, update, this);
    setTimeout(() => this.shelf.removeItem(this.key), STORED);
  }

  /** Remembers no more. */
  close(): void {
    this.doc.off('update', this.remember);
  }

  private readonly remember = (update: Uint8Array, _origin: unknown, _doc: Y.Doc, change: Y.Transaction): void => {
    if (change.local) this.recent = [...this.recentNow(), { at: Date.now(), update }];
  };

  private recentNow() {
    const since = Date.now() - STORED;
    return this.recent.filter(({ at }) => at > since);
  }

  /** What lies on the shelf, if it can be read. */
  private lying(): readonly Uint8Array[] {
    try {
      const text = this.shelf.getItem(this.key);
      if (text === null) return [];
      const update = fromBase64(text);
      Y.decodeUpdate(update);
      return [update];
    } catch {
      return [];
    }
  }
}
