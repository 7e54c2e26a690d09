/** Uploads that this device keeps until they are done: with them it goes on after a reload, and where the network was away. */
import * as indexed from 'lib0/indexeddb';
import { keptAs } from '../../../shared/sync';

/** A file on its way into a deck. */
export interface KeptUpload {
  readonly id: string;
  readonly deckId: string;
  /** What it is for: an item's file, or a slide's voice. */
  readonly goal: { readonly to: 'item' | 'voice'; readonly id: string };
  readonly file: Blob;
  readonly name: string;
  /** How long it plays, in seconds. */
  readonly seconds: number;
  /** Where it has begun on the server; `null` before it has. */
  readonly begun: string | null;
}

const STORE = 'uploads';

async function inStore<T>(act: (store: IDBObjectStore) => Promise<T>): Promise<T> {
  const database = await indexed.openDB(keptAs('teacher', STORE), (opened) =>
    indexed.createStores(opened, [[STORE, { keyPath: 'id' }]]),
  );
  try {
    const [store] = indexed.transact(database, [STORE], 'readwrite');
    if (!store) throw new Error('there is no store of uploads');
    return await act(store);
  } finally {
    database.close();
  }
}

/** Keeps an upload, or what is known of it by now. A device without room for it goes on without keeping it. */
export async function keepUpload(upload: KeptUpload): Promise<void> {
  await inStore((store) => indexed.rtop(store.put(upload))).catch(() => undefined);
}

/** Every upload that is kept here. */
export async function keptUploads(): Promise<readonly KeptUpload[]> {
  return inStore((store) => indexed.getAll(store)).catch(() => []);
}

export async function forgetUpload(id: string): Promise<void> {
  await inStore((store) => indexed.del(store, id)).catch(() => undefined);
}
