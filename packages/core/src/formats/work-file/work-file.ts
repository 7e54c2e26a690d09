/**
 * A student's work in a file of its own: saved from a show that was walked through without a network, and brought in to a
 * lesson of the same deck afterwards. A format of ours, in JSON.
 */
import { readString } from '../../deck/index.js';
import { readWork, type Work } from '../../work/index.js';

/** What says that a file is somebody's work. */
const KIND = 'gobrel-work';
/** The version that is written; files of a later one are refused in words. */
const VERSION = 1;

/** The longest name that is read, in UTF-16 units. */
const LONGEST_NAME = 80;

/** Somebody's work, as a file has it. */
export interface WorkFile {
  /** Whose it is, as they typed it; '' when they typed nothing. */
  readonly name: string;
  /** The title of the deck. */
  readonly title: string;
  /** When it was saved, by the clock of that device; in milliseconds since 1970, 0 when that is not known. */
  readonly savedAt: number;
  readonly work: Work;
}

/** Why a file is not read: it is no work, or of a later version of this application. */
export type WorkFileFault = 'not-work' | 'newer';

/** Somebody's work as the text of a file. */
export function writeWorkFile({ name, title, savedAt, work }: WorkFile): string {
  return `${JSON.stringify({ kind: KIND, version: VERSION, name, title, savedAt, work }, null, 1)}\n`;
}

/** Work read from the text of a file that anybody may have changed; what in it cannot be read is left out. */
export function readWorkFile(text: string): WorkFile | { readonly fault: WorkFileFault } {
  const value = parsed(text);
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return { fault: 'not-work' };
  const fields: Readonly<Record<string, unknown>> = { ...value };
  const { kind, version, savedAt } = fields;
  if (kind !== KIND || typeof version !== 'number') return { fault: 'not-work' };
  if (version > VERSION) return { fault: 'newer' };
  return {
    name: readString(fields['name'], '', LONGEST_NAME),
    title: readString(fields['title'], '', 200),
    savedAt: typeof savedAt === 'number' && Number.isFinite(savedAt) ? Math.max(0, savedAt) : 0,
    work: readWork(fields['work']),
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}
