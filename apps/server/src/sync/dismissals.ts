/** Who was sent out lately: those who were just coming in then are let in no more than those who were there. */
import type { ConnectionContext } from './connection-context.js';

/** Longer than anybody needs from being looked up to being let in, in milliseconds. */
const COMING_IN_MS = 60_000;

export class Dismissals {
  /** When it was, in milliseconds since 1970: of participants by their id, of sessions by their key. */
  private readonly at = new Map<string, number>();

  /** Notes that everybody who is known by one of some keys is sent out now. */
  note(keys: readonly string[]): void {
    const now = Date.now();
    for (const [key, at] of this.at) if (now - at > COMING_IN_MS) this.at.delete(key);
    for (const key of keys) this.at.set(key, now);
  }

  /** Whether somebody was looked up before they were sent out, or their session ended. */
  include({ identity, speaker, sessionKey, since }: ConnectionContext): boolean {
    const keys = [sessionKey, speaker === 'student' ? identity.participant?.id : null];
    return keys.some((key) => key && since <= (this.at.get(key) ?? 0));
  }
}
