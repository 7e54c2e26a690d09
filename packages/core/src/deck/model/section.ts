/** Sections: headings in the running order. A section reaches to the next heading that is not deeper than its own. */
import type { SectionId } from './identifiers.js';
import { type Fields, readString } from './reading.js';

/** How deep sections may stand within sections; the outermost are at 0. */
export const DEEPEST_SECTION = 4;

/** A heading in the running order. */
export interface Section {
  readonly id: SectionId;
  readonly title: string;
  /** Place in the running order, among slides and other headings: a fractional rank. */
  readonly rank: string;
  /** How many sections it stands in when all of those are there: 0 for the outermost. */
  readonly depth: number;
}

/** A section's fields from untrusted JSON. */
export function readSection(id: SectionId, fields: Fields): Section {
  const depth = fields['depth'];
  return {
    id,
    title: readString(fields['title'], '', 120),
    rank: readString(fields['rank'], '', 200),
    depth: typeof depth === 'number' && Number.isInteger(depth) ? Math.min(Math.max(0, depth), DEEPEST_SECTION) : 0,
  };
}
