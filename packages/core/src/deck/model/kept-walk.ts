/** Walks through a deck that its authors kept, to look at them on the map. */
import { isId, type SlideId } from './identifiers.js';
import { readFields, readString, readStrings } from './reading.js';

/** A walk that was kept. */
export interface KeptWalk {
  readonly id: string;
  readonly name: string;
  /** The slides walked, in order. */
  readonly slides: readonly SlideId[];
}

/** The most walks a deck keeps, and the most slides of one; the oldest walks are forgotten first. */
export const MOST_WALKS = 40;
const LONGEST_WALK = 500;

/** Kept walks from untrusted JSON; what cannot be read is left out. */
export function readWalks(value: unknown): readonly KeptWalk[] {
  if (!Array.isArray(value)) return [];
  return value.slice(-MOST_WALKS).flatMap((entry): KeptWalk[] => {
    const fields = readFields(entry);
    const id = fields?.['id'];
    if (!fields || !isId(id)) return [];
    const slides = readStrings(fields['slides'], 40, LONGEST_WALK).filter(isId);
    return [{ id, name: readString(fields['name'], '', 120), slides }];
  });
}
