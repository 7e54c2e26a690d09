/** Where what was typed is now, said only as far as it is known. */

/** Where what was typed is now. */
export type KeptWhere = 'loading' | 'saved' | 'saving' | 'waiting' | 'on-device' | 'refused' | 'outdated' | 'forbidden';

/** What is known of a document's way to the server. */
export interface Whereabouts {
  /** Whether the document is not open to whoever asks. */
  readonly forbidden: boolean;
  /** Whether this page is from before an update, so that the server opens nothing for it. */
  readonly outdated: boolean;
  /** How often in a row the server closed the document rather than take something. */
  readonly refusals: number;
  /** Whether the server can be reached. */
  readonly isUp: boolean;
  /** Whether there is anything to show yet. */
  readonly ready: boolean;
  /** Whether the server has told everything it has. */
  readonly synced: boolean;
  /** Whether the server has acknowledged everything, which it does once it is on its disk. */
  readonly acknowledged: boolean;
  /** For how long something has not been acknowledged, in milliseconds. */
  readonly unacknowledgedFor: number;
}

/** After so long without an acknowledgement nobody is told any more that it is being saved; in milliseconds. */
export const PATIENCE = 4000;

/** Closed once or twice a document is opened again and tried once more; then it is said. */
const REFUSED_AFTER = 2;

/** Where everything is. */
export function keptWhere(known: Whereabouts): KeptWhere {
  if (known.forbidden) return 'forbidden';
  if (known.outdated) return 'outdated';
  if (known.refusals > REFUSED_AFTER) return 'refused';
  if (!known.isUp) return known.ready ? 'on-device' : 'loading';
  if (!known.ready) return 'loading';
  if (known.synced && known.acknowledged) return 'saved';
  return known.unacknowledgedFor > PATIENCE ? 'waiting' : 'saving';
}
