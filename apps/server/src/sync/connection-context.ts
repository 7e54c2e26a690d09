/** What is known of a connection to one shared document. */
import type { Identity } from '../accounts/index.js';
import type { Speaker } from '@gobrel/core/shared-doc';

/** What is known of a connection to one document. */
export interface ConnectionContext {
  /** Whose work a document is, which must fit its lesson's edition; `null` for other documents. */
  readonly workOf: { readonly lessonId: string; readonly participantId: string } | null;
  /** Who is signed in as a teacher on the connection. */
  readonly teacherId: string | null;
  /** Who opened it, and as whom they speak. */
  readonly identity: Identity;
  readonly speaker: Speaker;
  /** Whether the document is theirs to write in, though it may be closed for the moment. */
  readonly writes: boolean;
  /** The session by which they are known; `null` for nobody's. */
  readonly sessionKey: string | null;
  /** When it was looked up who they are, in milliseconds since 1970. */
  readonly since: number;
}

/** What is known of a connection. */
export function contextOf({ context }: { readonly context: unknown }): ConnectionContext {
  // The sync service gives it to every connection when it lets it in, before anything is asked of it.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return context as ConnectionContext;
}

/** Whose a connection is, for what they may use: a teacher's account, or a student's seat. */
export function accountOf({ teacherId, identity, speaker }: ConnectionContext): string {
  return speaker === 'teacher' ? `teacher ${teacherId ?? ''}` : `student ${identity.participant?.id ?? ''}`;
}
