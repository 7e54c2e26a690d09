/** Marks many works apart from the page, so that the board can be used meanwhile. */
import type { Deck } from '@gobrel/core/deck';
import { type Marks, markWork } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';

/** Works to mark; the edition is said once and stays until another is. */
export interface MarkingTask {
  readonly id: number;
  readonly edition?: Deck;
  readonly works: readonly Work[];
}

/** Their marks by the keys, in the same order. */
export interface MarkingResult {
  readonly id: number;
  readonly marks: readonly Marks[];
}

let edition: Deck | null = null;

self.addEventListener('message', ({ data }: MessageEvent<MarkingTask>) => {
  edition = data.edition ?? edition;
  const known = edition;
  const marks = known ? data.works.map((work) => markWork(known, work)) : [];
  self.postMessage({ id: data.id, marks } satisfies MarkingResult);
});
