/** How a school's system knows a class. */
import { readFields, readString } from '../../deck/index.js';

/** The ids that the system gave; '' for what it did not say. */
export interface RosterRef {
  readonly classId: string;
  readonly schoolId: string;
  /** The term it is taught in. */
  readonly termId: string;
}

/** The longest id, in letters. */
const LONGEST = 255;

/** Reads such a thing out of unknown data; `null` when it says no class. */
export function readRosterRef(stored: unknown): RosterRef | null {
  const fields = readFields(stored);
  const read = (name: keyof RosterRef) => readString(fields?.[name], '', LONGEST);
  const classId = read('classId');
  return classId === '' ? null : { classId, schoolId: read('schoolId'), termId: read('termId') };
}
