/**
 * Stands between a socket and those who handle its messages. Nobody who has not shown who they are keeps it open for long
 * or fills the server with what they say; everybody else is made to wait when they use more than their share, and loses
 * nothing by it: what is not read yet stays on their side of the network.
 */
import { createDecoder, readVarString } from 'lib0/decoding';
import type { RawData } from 'ws';
import type { Budget, Use } from './budgets.js';

/** What the guard needs of a socket. */
interface GuardedSocket {
  on(event: 'message', listener: (data: RawData) => void): unknown;
  on(event: 'close', listener: () => void): unknown;
  pause(): void;
  resume(): void;
  terminate(): void;
}

/** How long a socket may be open before anybody has shown who they are, in milliseconds. */
export const SHOWN_WITHIN = 10_000;
/** The most that is kept of what is said to documents that are not open on the socket, in bytes. */
export const MOST_UNHEARD = 64 * 1024;
/** What a message to such a document costs more than another one: it is looked up who may open it. */
const LOOKUP = 10;
/** The longest that reading pauses at a time, in milliseconds: the other side must not seem to be gone. */
const LONGEST_PAUSE = 5000;

/** The guard of one socket. */
export class SocketGuard {
  private readonly open = new Set<string>();
  private unheard = 0;
  private readonly budgets: Budget[];
  private resuming: NodeJS.Timeout | undefined;
  private readonly showing: NodeJS.Timeout;

  constructor(
    private readonly socket: GuardedSocket,
    budgets: readonly Budget[],
    private readonly clock: () => number = () => performance.now(),
  ) {
    this.budgets = [...budgets];
    this.showing = setTimeout(() => socket.terminate(), SHOWN_WITHIN);
    socket.on('message', (data) => this.look(data));
    socket.on('close', () => {
      clearTimeout(this.showing);
      clearTimeout(this.resuming);
    });
  }

  /** Whoever opened the socket has shown who they are, though they have no document open yet. */
  shown(): void {
    clearTimeout(this.showing);
  }

  /** Somebody has shown that they may open a document. @param theirs their account's budget */
  opened(name: string, theirs: Budget): void {
    this.shown();
    this.open.add(name);
    this.unheard = 0;
    if (!this.budgets.includes(theirs)) this.budgets.push(theirs);
  }

  /** Counts what was used; makes the other side wait when it was too much. */
  use(use: Partial<Use>): void {
    const now = this.clock();
    const wait = Math.max(...this.budgets.map((budget) => budget.use(use, now)));
    if (wait <= 0 || this.resuming) return;
    this.socket.pause();
    this.resuming = setTimeout(
      () => {
        this.resuming = undefined;
        this.socket.resume();
        // More may be owed than one pause is long.
        this.use({});
      },
      Math.min(wait, LONGEST_PAUSE),
    );
  }

  private look(data: RawData): void {
    const bytes = lengthOf(data);
    const isOpen = this.open.has(nameIn(data));
    if (!isOpen) this.unheard += bytes;
    if (this.unheard > MOST_UNHEARD) return this.socket.terminate();
    this.use({ messages: isOpen ? 1 : LOOKUP, bytes });
  }
}

function lengthOf(data: RawData): number {
  return Array.isArray(data) ? data.reduce((sum, part) => sum + part.length, 0) : data.byteLength;
}

/** The document that a message is for; '' when that cannot be read. */
function nameIn(data: RawData): string {
  if (Array.isArray(data)) return '';
  try {
    return readVarString(createDecoder(data instanceof ArrayBuffer ? new Uint8Array(data) : data));
  } catch {
    return '';
  }
}
