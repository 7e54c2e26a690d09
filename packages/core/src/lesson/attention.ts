/** Who needs a look: how somebody is doing, from when they last did something and where they are. */
import type { SlideId } from '../deck/index.js';

/** What is known of somebody in a lesson; times in milliseconds since 1970, all by one clock. */
export interface Doing {
  readonly hasJoined: boolean;
  /** Whether a device of theirs is connected, and whether one was while somebody looked on. */
  readonly isHere: boolean;
  readonly wasHere: boolean;
  /** Whether the lesson is closed, so that nobody is expected to be here. */
  readonly isClosed: boolean;
  readonly hasSubmitted: boolean;
  /** When they last changed something or went somewhere; `null` when that is not known. */
  readonly activeAt: number | null;
  /** Since when they are on the slide they are on; `null` when that is not known. */
  readonly onSlideSince: number | null;
  readonly slideId: SlideId | null;
  /** Whether something is still empty on that slide. */
  readonly isSomethingEmpty: boolean;
}

/**
 * How somebody is doing; *stuck* is no further on one slide, *idle* does nothing at all; *offline* has lost the connection
 * while somebody looked on, *away* has been in and is not here now; *over* did not submit before the lesson was closed.
 */
export type Attention =
  | { readonly state: 'absent' | 'offline' | 'away' | 'working' | 'submitted' | 'over' }
  | { readonly state: 'idle' | 'stuck'; readonly minutes: number };

/** Without anything done for so long somebody is idle; on a slide with something empty for so long, stuck; in minutes. */
export const patience = { idle: 3, stuck: 5 } as const;

const MINUTE = 60_000;

/** How somebody is doing at a moment.@param now in milliseconds since 1970, by the server's clock */
export function attentionOf(doing: Doing, now: number): Attention {
  if (!doing.hasJoined) return { state: 'absent' };
  if (doing.hasSubmitted) return { state: 'submitted' };
  if (doing.isClosed) return { state: 'over' };
  if (!doing.isHere) return { state: doing.wasHere ? 'offline' : 'away' };
  const since = (time: number | null) => (time === null ? 0 : Math.floor((now - time) / MINUTE));
  const idle = since(doing.activeAt);
  if (idle >= patience.idle) return { state: 'idle', minutes: idle };
  const stuck = since(doing.onSlideSince);
  if (doing.isSomethingEmpty && stuck >= patience.stuck) return { state: 'stuck', minutes: stuck };
  return { state: 'working' };
}

/** Whether a teacher would rather look at somebody now. */
export function needsHelp({ state }: Attention): boolean {
  return state === 'idle' || state === 'stuck' || state === 'offline';
}

const urgency = ['stuck', 'idle', 'offline', 'working', 'away', 'absent', 'over', 'submitted'] as const;

/** Sorts those first who need help most. */
export function byNeed(a: Attention, b: Attention): number {
  return urgency.indexOf(a.state) - urgency.indexOf(b.state);
}
