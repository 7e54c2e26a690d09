/** Hands works to the marking worker, which starts with the first of them. */
import type { Deck } from '@gobrel/core/deck';
import type { Marks } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import type { MarkingResult, MarkingTask } from './marking-worker';

let worker: Worker | null = null;
let asked = 0;
let told: Deck | null = null;
const waiting = new Map<number, (marks: readonly Marks[]) => void>();

/** The marks of works by the keys of an edition, in the same order. */
export function markApart(edition: Deck, works: readonly Work[]): Promise<readonly Marks[]> {
  asked += 1;
  const id = asked;
  const task: MarkingTask = told === edition ? { id, works } : { id, edition, works };
  told = edition;
  return new Promise((resolve) => {
    waiting.set(id, resolve);
    started().postMessage(task);
  });
}

function started(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./marking-worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('message', ({ data }: MessageEvent<MarkingResult>) => {
    waiting.get(data.id)?.(data.marks);
    waiting.delete(data.id);
  });
  return worker;
}
