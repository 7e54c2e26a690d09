/** What processes on one database tell one another. */
import type { Stop } from '@gobrel/core/show';
import type { LiveNews } from '@gobrel/contract';

/** Something that happened in one process and that others have to follow. Everything it is about is on disk already. */
export type BusMessage =
  /** A document changed; `bytes` is the Yjs update in base64, or `null` when it is to be looked up in the log. */
  | { readonly say: 'changed'; readonly name: string; readonly bytes: string | null }
  /** Where people are in a document: a Yjs awareness update in base64. */
  | { readonly say: 'whereabouts'; readonly name: string; readonly bytes: string }
  /** A document was opened: where are those who have it open elsewhere? */
  | { readonly say: 'who-is-there'; readonly name: string }
  /** There is something to look at for everybody who has a document open. */
  | { readonly say: 'news'; readonly name: string; readonly news: LiveNews }
  /** Participants, or sessions, were sent out: by their ids and keys. */
  | { readonly say: 'out'; readonly keys: readonly string[] }
  /** A teacher may not see a document any more. */
  | { readonly say: 'teacher-out'; readonly name: string; readonly teacherId: string }
  /** A document is closed for everybody. */
  | { readonly say: 'close'; readonly name: string }
  /** What a document belongs to is gone. */
  | { readonly say: 'discard'; readonly name: string }
  /** Who may write in a lesson is to be looked at again: of one participant's work, or of all of it. */
  | { readonly say: 'settle'; readonly lessonId: string; readonly participantId: string | null }
  /** A lesson has another edition. */
  | { readonly say: 'edition'; readonly lessonId: string }
  /** Whoever looks at a shared deck has to look again. */
  | { readonly say: 'share'; readonly address: string }
  /** A show that others follow is somewhere else by now. */
  | { readonly say: 'step'; readonly address: string; readonly stop: Stop };

/** What processes say of themselves. `hello` asks everybody to answer; `missed` says that something could not be said. */
export type Presence = 'hello' | 'alive' | 'leaving' | 'missed';

/** What goes over the bus: who says it, and what. */
export interface Envelope {
  readonly from: string;
  readonly body: BusMessage | Presence;
}

/** An envelope as a text. */
export function writeEnvelope({ from, body }: Envelope): string {
  return `${from} ${JSON.stringify(body)}`;
}

/** Whether a text was written by `process`. */
export function isFrom(text: string, process: string): boolean {
  return text.startsWith(`${process} `);
}

/** The envelope in a text; `null` for what nobody here understands. */
export function readEnvelope(text: string): Envelope | null {
  const end = text.indexOf(' ');
  if (end < 1) return null;
  try {
    // Only our own processes can speak here: whoever reaches the database or Redis reaches everything.
    return { from: text.slice(0, end), body: JSON.parse(text.slice(end + 1)) };
  } catch {
    return null;
  }
}
