/**
 * Class lists as schools' systems give them: OneRoster 1.2 CSV (1EdTech, “CSV Binding”), a zip with a table for each kind of thing; those of
 * 1.1 are read as well. Nothing of them is kept but classes, names, and by what the school's system
 * knows them.
 */
import Papa from 'papaparse';
import { type ArchiveBounds, decodeText, isArchive, unpack } from '../archive/index.js';
import type { RosterRef } from './roster-ref.js';

/** Somebody who learns. */
export interface RosterStudent {
  /** As the school's system knows them. */
  readonly id: string;
  /** Given name and family name. */
  readonly name: string;
}

/** A class of a list. */
export interface RosterClass {
  readonly ref: RosterRef;
  readonly title: string;
  /** Everybody who learns in it, in the order of the alphabet. */
  readonly students: readonly RosterStudent[];
}

/** Why a list is not read. */
export type RosterFault = 'no-roster' | 'too-large' | 'broken' | 'no-classes';

/** A list is some tables of text: far less than this. */
const BOUNDS: ArchiveBounds = {
  packed: 50_000_000,
  unpacked: 200_000_000,
  files: 200,
  wanted: /(?:^|\/)(?:users|classes|enrollments)\.csv$/i,
};

type Row = Readonly<Record<string, string | undefined>>;

/** The classes of a list, by their titles; those in which nobody learns are left out. Linear in its rows. */
export function readRoster(
  bytes: Uint8Array,
): { readonly classes: readonly RosterClass[] } | { readonly fault: RosterFault } {
  if (!isArchive(bytes)) return { fault: 'no-roster' };
  const unpacked = unpack(bytes, BOUNDS);
  if ('fault' in unpacked) return { fault: unpacked.fault === 'broken' ? 'broken' : 'too-large' };
  const table = (name: string) => {
    const path = Object.keys(unpacked.files).find((each) => each.toLowerCase().replace(/^.*\//, '') === `${name}.csv`);
    return path === undefined ? null : rowsOf(unpacked.files[path] ?? new Uint8Array());
  };
  const [users, classes, enrollments] = [table('users'), table('classes'), table('enrollments')];
  if (!users || !classes || !enrollments) return { fault: 'no-roster' };
  const names = new Map(users.filter(isCurrent).map((row) => [row['sourcedid'] ?? '', nameOf(row)]));
  const learning = new Map<string, Map<string, string>>();
  for (const row of enrollments.filter(isCurrent)) {
    if (row['role']?.toLowerCase() !== 'student') continue;
    const id = row['usersourcedid'] ?? '';
    const name = names.get(id);
    const classId = row['classsourcedid'] ?? '';
    if (name) learning.set(classId, (learning.get(classId) ?? new Map<string, string>()).set(id, name));
  }
  const found = classes.filter(isCurrent).flatMap((row): RosterClass[] => {
    const classId = row['sourcedid'] ?? '';
    const students = [...(learning.get(classId) ?? [])].map(([id, name]) => ({ id, name }));
    const title = (row['title'] || row['classcode'] || classId).trim();
    const ref = { classId, schoolId: row['schoolsourcedid'] ?? '', termId: firstOf(row['termsourcedids']) };
    return students.length > 0
      ? [{ ref, title, students: students.sort((a, b) => inOrder(a.name, b.name) || inOrder(a.id, b.id)) }]
      : [];
  });
  if (found.length === 0) return { fault: 'no-classes' };
  return { classes: found.sort((a, b) => inOrder(a.title, b.title)) };
}

/** The rows of a table, by the names of its columns in lower case. */
function rowsOf(bytes: Uint8Array): readonly Row[] {
  return Papa.parse<Row>(decodeText(bytes).replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (heading) => heading.trim().toLowerCase(),
  }).data;
}

/** Whether a row stands for something that is: lists of changes also have what is gone. */
function isCurrent(row: Row): boolean {
  return row['status']?.toLowerCase() !== 'tobedeleted' && row['enableduser']?.toLowerCase() !== 'false';
}

/** What somebody is called: by the names they chose, where they chose any. */
function nameOf(row: Row): string {
  const given = row['preferredgivenname'] || row['preferredfirstname'] || row['givenname'];
  const family = row['preferredfamilyname'] || row['preferredlastname'] || row['familyname'];
  return [given, family]
    .map((part) => (part ?? '').replaceAll(/\s+/g, ' ').trim())
    .filter((part) => part !== '')
    .join(' ');
}

/** The first of several that stand in one cell. */
function firstOf(cell: string | undefined): string {
  return (cell ?? '').split(',')[0]?.trim() ?? '';
}

function inOrder(a: string, b: string): number {
  return a.localeCompare(b);
}
