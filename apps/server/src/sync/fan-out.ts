/**
 * Documents that are open in several processes at once: what changes in one of them, and where people are, reaches the
 * others over the bus, once it is on disk. What may have been missed is looked up in the log.
 */
import type { Document } from '@hocuspocus/server';
import { Logger } from '@nestjs/common';
import { applyAwarenessUpdate, encodeAwarenessUpdate, removeAwarenessStates } from 'y-protocols/awareness';
import * as Y from 'yjs';
import type { BusService } from '../bus/index.js';
import { ownAwareness } from './gate/index.js';
import { documentOf, type UpdateLog } from './update-log.js';

/** The origin of what another process said: it is on disk already. */
export const OTHER_PROCESS = 'another process';

interface WhoChanged {
  readonly added: readonly number[];
  readonly updated: readonly number[];
  readonly removed: readonly number[];
}

/** Pause before the log is asked again while the database is away, in milliseconds. */
const RETRY_MS = 1000;

export class FanOut {
  private readonly log = new Logger('FanOut');
  private readonly open = new Map<string, Document>();

  constructor(
    private readonly bus: BusService,
    private readonly updates: UpdateLog,
  ) {
    updates.onWritten((name, bytes) => this.say(name, bytes));
    bus.on('changed', ({ name, bytes }) => this.follow(name, bytes));
    bus.on('whereabouts', ({ name, bytes }) => this.followWhere(name, fromBase64(bytes)));
    bus.on('who-is-there', ({ name }) => this.sayWhoIsHere(name));
  }

  /** A document is about to be loaded: from now on it hears what others do to it. */
  opening(name: string, document: Document): void {
    this.open.set(name, document);
    document.on('destroy', () => this.closed(name, document));
    document.awareness.on('update', (who: WhoChanged, origin: unknown) => {
      // Who is silent for too long is let go by every process itself.
      if (origin !== OTHER_PROCESS && origin !== 'timeout')
        this.sayWhere(name, document, [...who.added, ...who.updated, ...who.removed]);
    });
  }

  /** It was not loaded after all, or is closed. */
  closed(name: string, document: Document): void {
    if (this.open.get(name) === document) this.open.delete(name);
  }

  /** A document is loaded: those who have it open elsewhere are asked where they are. */
  opened(name: string): void {
    this.bus.say({ say: 'who-is-there', name });
  }

  /** Looks up everything that others may have done to open documents since a moment, in milliseconds since 1970. */
  async catchUp(since: number): Promise<void> {
    for (const name of await this.updates.changedSince([...this.open.keys()], since)) await this.lookUp(name);
    for (const [name, document] of this.open) this.askAnew(name, document);
  }

  private say(name: string, bytes: Uint8Array): void {
    if (!this.bus.hasOthers) return;
    const isShort = bytes.length * 2 < this.bus.largest;
    this.bus.say({ say: 'changed', name, bytes: isShort ? toBase64(bytes) : null });
  }

  private follow(name: string, bytes: string | null): void {
    const document = this.open.get(name);
    if (!document) return;
    if (bytes !== null) Y.applyUpdate(document, fromBase64(bytes), OTHER_PROCESS);
    // What builds on something that was not said is in the log with it.
    if (bytes === null || (!document.isLoading && document.store.pendingStructs !== null)) void this.lookUp(name);
  }

  /** Takes from the log what an open document does not have; while the database is away it is asked again and again. */
  private async lookUp(name: string): Promise<void> {
    for (let document = this.open.get(name); document; document = this.open.get(name)) {
      try {
        const stored = documentOf(await this.updates.load(name));
        Y.applyUpdate(document, Y.encodeStateAsUpdate(stored, Y.encodeStateVector(document)), OTHER_PROCESS);
        stored.destroy();
        return;
      } catch (error) {
        this.log.warn(`${name} is looked up again: ${String(error)}`);
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS).unref());
      }
    }
  }

  /** Whoever is here is known better here: they may have come from there just now. */
  private followWhere(name: string, bytes: Uint8Array): void {
    const document = this.open.get(name);
    if (!document) return;
    const here = new Set(clientsHere(document));
    applyAwarenessUpdate(
      document.awareness,
      ownAwareness(bytes, (client) => !here.has(client)),
      OTHER_PROCESS,
    );
  }

  /** Those who are elsewhere are gone until they are heard of again. */
  private askAnew(name: string, document: Document): void {
    const here = new Set(clientsHere(document));
    const elsewhere = [...document.awareness.getStates().keys()].filter((client) => !here.has(client));
    removeAwarenessStates(document.awareness, elsewhere, OTHER_PROCESS);
    this.opened(name);
  }

  private sayWhoIsHere(name: string): void {
    const document = this.open.get(name);
    if (document) for (const client of clientsHere(document)) this.sayWhere(name, document, [client]);
  }

  private sayWhere(name: string, { awareness }: Document, clients: number[]): void {
    if (!this.bus.hasOthers || clients.length === 0) return;
    this.bus.say({ say: 'whereabouts', name, bytes: toBase64(encodeAwarenessUpdate(awareness, clients)) });
  }
}

/** The clients that are connected to a document in this process. */
function clientsHere(document: Document): number[] {
  return document.getConnections().flatMap(({ webSocket }) => [...document.getClients(webSocket)]);
}

function toBase64(bytes: Uint8Array): string {
  return Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).toString('base64');
}

function fromBase64(text: string): Uint8Array {
  return new Uint8Array(Buffer.from(text, 'base64'));
}
