/** Asks for something for which a toll may be wanted, and pays it. */
import type { Toll } from '@gobrel/core/toll';
import { askingWorker } from '../workers';
import { ask, Refusal } from './client';
import type { TollTasks } from './toll-worker';

/** How often it is paid before it is given up: it may have become dearer meanwhile. */
const MOST_TIMES = 3;

/** Pays a toll, in a worker of its own. */
export const payApart = (purpose: string, toll: Toll): Promise<string> =>
  askingWorker<TollTasks>(() => new Worker(new URL('./toll-worker.ts', import.meta.url), { type: 'module' }))('pay', {
    purpose,
    toll,
  });

/** What is paid for, by whom, and who is told that it takes a moment. */
interface Paying {
  readonly purpose: string;
  readonly onWait: () => void;
  readonly pay?: (purpose: string, toll: Toll) => Promise<string>;
}

/** Sends what is to be let in, again with what was paid where that is wanted. Throws a Refusal. */
export async function askPaying<T>(
  path: string,
  body: object,
  { purpose, onWait, pay = payApart }: Paying,
): Promise<T> {
  let toll: string | undefined;
  for (let times = 0; ; times += 1) {
    try {
      return await ask<T>('POST', path, { ...body, toll });
    } catch (error) {
      const wanted = tollIn(error);
      if (!wanted || times >= MOST_TIMES) throw error;
      onWait();
      toll = await pay(purpose, wanted);
    }
  }
}

function tollIn(error: unknown): Toll | null {
  if (!(error instanceof Refusal) || error.problem.code !== 'toll') return null;
  const { values } = error.problem;
  return values && 'bits' in values ? values : null;
}
