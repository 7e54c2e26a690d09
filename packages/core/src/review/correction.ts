/** A correction of an edition under a running lesson: for whom it changes something. */
import type { Deck } from '../deck/index.js';
import { markWork } from '../questions/index.js';
import { strandedIn, type Work } from '../work/index.js';

/** What a correction means for one participant. */
export interface Affected {
  readonly participantId: string;
  /** How many entries of their work no longer fit; they are kept. */
  readonly stranded: number;
  /** Points before and after. */
  readonly points: { readonly before: number; readonly after: number };
}

/** Whom a correction affects: those whose entries no longer fit, or whose points change. */
export function affectedBy(
  before: Deck,
  after: Deck,
  works: readonly { readonly participantId: string; readonly work: Work }[],
): readonly Affected[] {
  return works.flatMap(({ participantId, work }) => {
    const stranded = Math.max(0, strandedIn(after, work).length - strandedIn(before, work).length);
    const points = { before: markWork(before, work).points, after: markWork(after, work).points };
    return stranded > 0 || points.before !== points.after ? [{ participantId, stranded, points }] : [];
  });
}
