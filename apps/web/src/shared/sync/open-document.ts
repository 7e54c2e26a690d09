/**
 * A shared document on this device: kept in IndexedDB from the first keystroke, synced with the server whenever
 * it can be reached, and truthful about which of the two has happened.
 */
import { type LiveNews, parseNews } from '@gobrel/contract/live-news';
import { DeviceProvider } from '@gobrel/device-sync';
import { formatDocumentToken, PAGE_FROM_BEFORE, type Speaker } from '@gobrel/core/shared-doc';
import { HocuspocusProviderWebsocket } from '@hocuspocus/provider';
import { IndexeddbPersistence } from 'y-indexeddb';
import { Awareness } from 'y-protocols/awareness';
import * as Y from 'yjs';
import { keptAs, noteKept, wasUnsaved } from './kept-here';
import { keptWhere, type KeptWhere, PATIENCE } from './kept-where';
import { LastMoment } from './last-moment';

/** What a screen may know of an open document. */
export interface DocumentStatus {
  readonly kept: KeptWhere;
  /** Whether there is anything to show yet. */
  readonly ready: boolean;
  /** Whether the server takes changes; it says so when that changes. */
  readonly writable: boolean;
  /** Whether what the server says beside the document is heard: it is connected, and has told what it has. */
  readonly heard: boolean;
}

const sockets = new Map<Speaker, HocuspocusProviderWebsocket>();

function socketFor(speaker: Speaker): HocuspocusProviderWebsocket {
  const known = sockets.get(speaker);
  if (known) return known;
  const address = new URL('/sync', window.location.href);
  address.protocol = address.protocol.replace('http', 'ws');
  const socket = new HocuspocusProviderWebsocket({ url: address.href, delay: 500, minDelay: 500, maxDelay: 4000 });
  sockets.set(speaker, socket);
  socketFollowsNetwork(socket);
  return socket;
}

/** How often the network is looked at beside its events, which a device that slept may have missed; milliseconds. */
const NETWORK_LOOK = 2000;

/**
 * Disconnects while the device has no network, whatever attempt is under way, and connects when it has one again.
 * An attempt begun just before the network went may still succeed just after: the status is looked at too.
 */
function socketFollowsNetwork(socket: HocuspocusProviderWebsocket): void {
  let wasOnline = true;
  const look = () => {
    const online = navigator.onLine;
    if (!online && (wasOnline || socket.shouldConnect)) socket.disconnect();
    // A socket that is still closing when the network is back does not take the first call: it is called again.
    if (online && !socket.shouldConnect && socket.status !== 'connected') void socket.connect();
    if (online === wasOnline) return;
    wasOnline = online;
    for (const { document } of open.values()) document.refresh();
  };
  for (const event of ['offline', 'online']) window.addEventListener(event, look);
  const looking = setInterval(look, NETWORK_LOOK);
  socket.on('status', look);
  socket.on('destroy', () => {
    clearInterval(looking);
    for (const event of ['offline', 'online']) window.removeEventListener(event, look);
  });
  look();
}

/** An open document. Made by `openDocument`; let go with `release`. */
export class OpenDocument {
  readonly doc = new Y.Doc();
  /** Who has the document open, and what each of them announces. */
  readonly awareness = new Awareness(this.doc);
  private announced: Readonly<Record<string, unknown>> = {};
  private readonly device: IndexeddbPersistence;
  private readonly lastMoment: LastMoment;
  private provider: DeviceProvider;
  private status: DocumentStatus = { kept: 'loading', ready: false, writable: true, heard: false };
  private readonly listeners = new Set<() => void>();
  private readonly newsListeners = new Set<(news: LiveNews) => void>();
  private readonly key: string;
  /** Whether something was changed here that has not reached the server. */
  private unsaved: boolean;
  private onDevice = false;
  private synced = false;
  private refusals = 0;
  private forbidden = false;
  private outdated = false;
  /** Since when something waits to be acknowledged; in milliseconds since 1970. */
  private waitingSince: number | null = null;
  private waitingTimer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly name: string,
    private readonly speaker: Speaker,
  ) {
    this.key = keptAs(speaker, name);
    this.unsaved = wasUnsaved(this.key);
    noteKept(this.key, this.unsaved);
    this.device = new IndexeddbPersistence(this.key, this.doc);
    this.doc.on('update', this.noteChange);
    this.lastMoment = new LastMoment(`gobrel last moment ${speaker} ${name}`, this.doc);
    window.addEventListener('pagehide', this.lastMoment.putDown);
    void this.device.whenSynced.then(() => {
      this.lastMoment.takeUp();
      this.onDevice = true;
      this.refresh();
    });
    this.provider = this.connect();
    this.attach();
    socketFor(speaker).on('status', this.refresh);
  }

  /** Calls `listener` whenever the status changes; gives the way to stop. */
  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** The present status; the same object until it changes. */
  getStatus = (): DocumentStatus => this.status;

  /** Calls `listener` with news the server sends beside this document. */
  onNews(listener: (news: LiveNews) => void): () => void {
    this.newsListeners.add(listener);
    return () => this.newsListeners.delete(listener);
  }

  /** Resolves to whether everything typed has reached the server, waiting up to `patience` milliseconds. */
  async reachedServer(patience: number): Promise<boolean> {
    const until = Date.now() + patience;
    while (!this.isSaved() && Date.now() < until) await new Promise((resolve) => setTimeout(resolve, 60));
    return this.isSaved();
  }

  /** Tells everybody who has the document open something that is not kept, such as where one is. */
  announce(fields: Readonly<Record<string, unknown>>): void {
    this.announced = fields;
    this.awareness.setLocalState({ ...fields });
  }

  /** Stops syncing; what is on the device stays there. */
  close(): void {
    clearTimeout(this.waitingTimer);
    socketFor(this.speaker).off('status', this.refresh);
    this.provider.destroy();
    void this.device.destroy();
    window.removeEventListener('pagehide', this.lastMoment.putDown);
    this.lastMoment.close();
    this.awareness.destroy();
    this.doc.destroy();
  }

  private connect(): DeviceProvider {
    const provider = new DeviceProvider({
      websocketProvider: socketFor(this.speaker),
      name: this.name,
      document: this.doc,
      awareness: this.awareness,
      token: formatDocumentToken(this.speaker),
      onSynced: ({ state }) => {
        this.synced = state;
        this.refresh();
      },
      onUnsyncedChanges: this.refresh,
      onAuthenticated: () => {
        this.forbidden = false;
        this.setWritable(provider.authorizedScope !== 'readonly');
      },
      onAuthenticationFailed: ({ reason }) => {
        if (reason === PAGE_FROM_BEFORE) this.outdated = true;
        else this.forbidden = true;
        this.refresh();
      },
      onStateless: ({ payload }) => this.hear(payload),
      // The server closes a single document when it refuses an update, or when its database was away at the start.
      onClose: ({ event }) => this.reopen(event.reason),
    });
    return provider;
  }

  private attach(): void {
    this.provider.attach();
    this.awareness.setLocalState({ ...this.announced });
  }

  private reopen(reason: string): void {
    if (!socketIsUp(this.speaker) || reason === 'provider_initiated') return;
    this.refusals += 1;
    this.synced = false;
    this.refresh();
    setTimeout(
      () => {
        this.provider.destroy();
        this.provider = this.connect();
        this.attach();
      },
      Math.min(8000, 400 * 2 ** this.refusals),
    );
  }

  private hear(payload: string): void {
    const news = parseNews(payload);
    if (!news) return;
    if (news.news === 'writing') this.setWritable(news.allowed);
    for (const listener of this.newsListeners) listener(news);
  }

  private setWritable(writable: boolean): void {
    // What was changed while nothing was taken is offered again.
    if (writable && !this.status.writable) this.provider.forceSync();
    this.status = { ...this.status, writable };
    this.refresh();
  }

  private readonly noteChange = (
    _update: Uint8Array,
    _origin: unknown,
    _doc: Y.Doc,
    { local }: Y.Transaction,
  ): void => {
    if (!local || this.unsaved) return;
    this.unsaved = true;
    noteKept(this.key, true);
  };

  private isSaved(): boolean {
    return this.synced && socketIsUp(this.speaker) && this.provider.unsyncedChanges === 0;
  }

  /** Says anew where everything is. */
  readonly refresh = (): void => {
    if (this.isSaved()) {
      this.refusals = 0;
      if (this.unsaved && this.status.writable) {
        this.unsaved = false;
        noteKept(this.key, false);
      }
    }
    const somethingHere = this.doc.store.clients.size > 0 || !navigator.onLine;
    const ready = this.status.ready || this.synced || (this.onDevice && somethingHere);
    const kept = this.whereKept(ready);
    const heard = socketIsUp(this.speaker) && this.provider.synced;
    const { status } = this;
    this.countWaiting();
    if (status.kept !== kept || status.ready !== ready || status.heard !== heard)
      this.status = { kept, ready, writable: status.writable, heard };
    for (const listener of this.listeners) listener();
  };

  /** Notes since when something waits to be acknowledged, and says anew where it is once that was too long. */
  private countWaiting(): void {
    if (this.provider.unsyncedChanges === 0 || !socketIsUp(this.speaker)) {
      clearTimeout(this.waitingTimer);
      this.waitingSince = null;
    } else if (this.waitingSince === null) {
      this.waitingSince = Date.now();
      this.waitingTimer = setTimeout(this.refresh, PATIENCE + 50);
    }
  }

  private whereKept(ready: boolean): KeptWhere {
    return keptWhere({
      forbidden: this.forbidden,
      outdated: this.outdated,
      refusals: this.refusals,
      isUp: socketIsUp(this.speaker),
      ready,
      synced: this.synced,
      acknowledged: this.provider.unsyncedChanges === 0,
      unacknowledgedFor: this.waitingSince === null ? 0 : Date.now() - this.waitingSince,
    });
  }
}

function socketIsUp(speaker: Speaker): boolean {
  return navigator.onLine && socketFor(speaker).status === 'connected';
}

interface Entry {
  readonly document: OpenDocument;
  users: number;
}

const open = new Map<string, Entry>();
/** How long a document stays open after its last user left, in milliseconds: screens come and go. */
const LINGER = 3000;

/** Opens a document, or joins in when it is open already. Each call needs one `releaseDocument`. */
export function openDocument(name: string, speaker: Speaker): OpenDocument {
  const key = `${speaker} ${name}`;
  const entry = open.get(key) ?? { document: new OpenDocument(name, speaker), users: 0 };
  entry.users += 1;
  open.set(key, entry);
  return entry.document;
}

/** Lets go of a document opened with `openDocument`. */
export function releaseDocument(name: string, speaker: Speaker): void {
  const key = `${speaker} ${name}`;
  const entry = open.get(key);
  if (!entry) return;
  entry.users -= 1;
  setTimeout(() => {
    if (entry.users > 0 || open.get(key) !== entry) return;
    open.delete(key);
    entry.document.close();
  }, LINGER);
}

/** Speaks to the server anew: after signing in or out, the old connection still speaks as somebody else. */
export function forgetConnection(speaker: Speaker): void {
  for (const [key, entry] of open) {
    if (!key.startsWith(`${speaker} `)) continue;
    open.delete(key);
    entry.document.close();
  }
  sockets.get(speaker)?.destroy();
  sockets.delete(speaker);
}
