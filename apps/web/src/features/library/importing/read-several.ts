/** Several files, one after the other: one that cannot be read keeps nobody from the others. */
import { NotReadable } from '../../../shared/deck-files';
import { messages } from '../../../shared/messages';

/** What was read of some files, in their order, and what was not, in words. */
export interface ReadSeveral<R> {
  readonly read: readonly R[];
  readonly refused: readonly string[];
}

/**
 * Reads some things one after the other.
 * @param nameOf what somebody knows one by, for the words on what could not be read
 * @throws what `readOne` throws, when it was stopped by `signal`
 */
export async function readSeveral<T, R>(
  things: readonly T[],
  nameOf: (thing: T) => string,
  readOne: (thing: T) => Promise<R>,
  signal: AbortSignal,
): Promise<ReadSeveral<R>> {
  const read: R[] = [];
  const refused: string[] = [];
  for (const thing of things) {
    try {
      read.push(await readOne(thing));
    } catch (error) {
      if (signal.aborted) throw error;
      const why = error instanceof NotReadable ? error.message : '';
      refused.push(why || messages.library.import.notRead({ name: nameOf(thing) }));
    }
  }
  return { read, refused };
}
