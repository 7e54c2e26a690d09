/** Doing something with each of many things, a few of them at the same time, so that one is sent while the next is made. */

/** What came of some things, in their order, up to the first that ended it. */
export interface DoneSoFar<R> {
  readonly done: readonly R[];
  /** Whether it came to all of them. */
  readonly isWhole: boolean;
}

/**
 * @param atOnce how many at most are under way at the same time
 * @param act `null` ends it: nothing more is begun, and what is under way is waited for
 * @throws what `act` throws; nothing more is begun then either
 */
export async function aFewAtOnce<T, R>(
  things: readonly T[],
  atOnce: number,
  act: (thing: T) => Promise<R | null>,
): Promise<DoneSoFar<R>> {
  const results: R[] = [];
  const waiting = things.entries();
  let isEnded = false;
  const goOn = async () => {
    for (const [at, thing] of waiting) {
      if (isEnded) return;
      try {
        const result = await act(thing);
        if (result === null) isEnded = true;
        else results[at] = result;
      } catch (error) {
        isEnded = true;
        throw error;
      }
    }
  };
  await Promise.all(Array.from({ length: atOnce }, goOn));
  const firstMissing = things.findIndex((_, at) => !(at in results));
  return firstMissing < 0 ? { done: results, isWhole: true } : { done: results.slice(0, firstMissing), isWhole: false };
}
