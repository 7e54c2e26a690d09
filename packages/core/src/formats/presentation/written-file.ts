/** Files that are written, and how far that is. */
import type { NotCarried } from '../loss.js';

/** A file that was written, with what is not in it. */
export interface WrittenFile {
  readonly bytes: Uint8Array;
  readonly left: readonly NotCarried[];
}

/** What is told while a file is written or read: slides that are done, of all. */
export type TellWritten = (done: number, all: number) => void;
