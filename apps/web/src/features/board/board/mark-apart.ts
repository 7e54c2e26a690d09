/** Hands works to the marking worker, which starts with the first of them. */
import type { Deck } from '@gobrel/core/deck';
import type { Marks } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { askingWorker } from '../../../shared/workers';
import type { MarkingTasks } from './marking-worker';

const ask = askingWorker<MarkingTasks>(
  () => new Worker(new URL('./marking-worker.ts', import.meta.url), { type: 'module' }),
);
let told: Deck | null = null;

/** The marks of works by the keys of an edition, in the same order. */
export function markApart(edition: Deck, works: readonly Work[]): Promise<readonly Marks[]> {
  const isKnown = told === edition;
  told = edition;
  return ask('mark', isKnown ? { works } : { edition, works });
}
