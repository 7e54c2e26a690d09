/** Which slides are on a stage: the one that is shown, and the one that leaves while it comes. */
import { isSameStop, type Stop } from '@gobrel/core/show';

/** A slide on the stage, from its coming to its leaving. */
export interface Turn {
  /** Tells this visit to a slide from every other, so that it is never drawn anew while it lasts. */
  readonly key: number;
  readonly stop: Stop;
  /** Whether the whole slide is looked at, whatever the stop says. */
  readonly whole: boolean;
}

/** What is on the stage. */
interface Turns {
  readonly shown: Turn;
  readonly going: Turn | null;
}

/** A stage at its first stop. */
export function firstTurn(stop: Stop, whole: boolean): Turns {
  return { shown: { key: 0, stop, whole }, going: null };
}

/**
 * The stage at a stop: on the same slide the same turn goes on; a slide that is left goes on its own turn.
 * @param leaves whether the slide that is left stays in sight until the next one is there
 */
export function turnTo({ shown, going }: Turns, stop: Stop, whole: boolean, leaves: boolean): Turns {
  if (isSameStop(shown.stop, stop) && shown.whole === whole) return { shown, going };
  if (shown.stop.slideId === stop.slideId) return { shown: { ...shown, stop, whole }, going };
  return { shown: { key: shown.key + 1, stop, whole }, going: leaves ? shown : null };
}
