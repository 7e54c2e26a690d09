/**
 * A provider that says "saved" only when everything is. The library's own starts counting at one on every connection,
 * however many changes are on their way, so it takes the first acknowledgement for the last; and it sends what is typed
 * while it connects before the server has what that builds on.
 *
 * Here a change is sent by itself only once the server has been told everything there was before (the answer to its first
 * step); what is changed until then is in that answer. From then on each message that will be acknowledged is counted. What
 * one gesture changes goes as one message, in however many transactions it was made.
 */
import { HocuspocusProvider } from '@hocuspocus/provider';
import { createDecoder, readVarString, readVarUint } from 'lib0/decoding';
import * as Y from 'yjs';

/** The kinds of messages, and of steps in one, as the wire has them. */
const SYNC = 0;
const FIRST_STEP = 0;

export class DeviceProvider extends HocuspocusProvider {
  /** Whether the server has been told everything there was, on this connection. */
  private hasTold = false;
  /** Changes of this moment that are not sent yet. */
  private readonly gathered: Uint8Array[] = [];

  override documentUpdateHandler(update: Uint8Array, origin: unknown): void {
    if (origin === this) return;
    if (!this.hasTold) return this.count(Math.max(1, this.unsyncedChanges));
    this.gathered.push(update);
    if (this.gathered.length > 1) return;
    // Counted at once, so that nobody is told in between that it is saved.
    this.count(this.unsyncedChanges + 1);
    queueMicrotask(() => this.sendGathered());
  }

  /** Sends what was gathered, as one message. What is lost to a connection that closed is told on the next one. */
  private sendGathered(): void {
    const updates = this.gathered.splice(0);
    if (updates.length === 0 || !this.hasTold) return;
    this.unsyncedChanges -= 1;
    super.documentUpdateHandler(Y.mergeUpdates(updates), null);
  }

  override destroy(): void {
    this.sendGathered();
    super.destroy();
  }

  override onMessage(event: Parameters<HocuspocusProvider['onMessage']>[0]): void {
    super.onMessage(event);
    // The answer has just been sent, with everything that was changed until now.
    if (this.hasTold || !isFirstStep(event.data)) return;
    this.hasTold = true;
    this.count(1);
  }

  /** Tells the server everything once more; what is on its way stays counted. */
  override forceSync(): void {
    const before = this.unsyncedChanges;
    super.forceSync();
    if (this.hasTold) this.count(before + 1);
  }

  override onClose(): void {
    this.hasTold = false;
    super.onClose();
  }

  private count(unsynced: number): void {
    this.unsyncedChanges = unsynced;
    this.emit('unsyncedChanges', { number: unsynced });
  }
}

/** Whether a message asks for everything that this device has and the server has not. */
function isFirstStep(data: unknown): boolean {
  if (!(data instanceof ArrayBuffer) && !(data instanceof Uint8Array)) return false;
  const decoder = createDecoder(data instanceof ArrayBuffer ? new Uint8Array(data) : data);
  readVarString(decoder);
  return readVarUint(decoder) === SYNC && readVarUint(decoder) === FIRST_STEP;
}
