/** Reads a backup that nobody vouches for. */
import { sha256 } from '@noble/hashes/sha2';
import { bytesToHex } from '@noble/hashes/utils';
import { strFromU8 } from 'fflate';
import { type Deck, readDeck, readFields, readString, type Fields } from '../../deck/index.js';
import { isArchive, unpack } from '../archive/index.js';
import { BACKUP_FORMAT, BACKUP_VERSION, type ContentKind } from './backup.js';
import { type KeptBeside, readBeside } from './read-kept-lesson.js';

/** The largest backup that is read, in bytes; what is in it, unpacked, in bytes; and its most files. */
export const LARGEST_BACKUP = 600_000_000;
const LARGEST_UNPACKED = 900_000_000;
const MOST_FILES = 20_000;

/** Nothing else is unpacked: no path leads out of the zip. */
const READ =
  /^(?:(?:backup|classes|themes|templates)\.json|decks\/[\w-]{1,40}\.json|(?:picture|file)s\/[0-9a-f]{64}|(?:lessons\/[\w-]{1,40}\/)?(?:lesson|edition|work|submissions|reviews)\.json)$/;

/** Why a backup cannot be read. */
export type BackupFault = 'no-backup' | 'broken' | 'too-large' | 'newer';

/** Why something of it is left. */
export type LeftOfBackup =
  | { readonly what: 'deck'; readonly name: string }
  | { readonly what: 'content'; readonly kind: ContentKind; readonly why: 'missing' | 'changed' };

/** Bytes of a picture or a file that a deck of it names. */
export interface BackupContent {
  readonly id: string;
  readonly kind: ContentKind;
  readonly bytes: Uint8Array;
}

/** What came out of a backup. */
export interface ReadBackup {
  readonly decks: readonly { readonly title: string; readonly deck: Deck }[];
  readonly contents: readonly BackupContent[];
  readonly left: readonly LeftOfBackup[];
  /** What else of somebody is in it. */
  readonly beside: KeptBeside;
}

/** Reads a backup. Whatever is broken or hostile in it is told, never thrown. */
export function readBackup(bytes: Uint8Array): ReadBackup | { readonly fault: BackupFault } {
  if (!isArchive(bytes)) return { fault: 'no-backup' };
  const unzipped = unpack(bytes, {
    packed: LARGEST_BACKUP,
    unpacked: LARGEST_UNPACKED,
    files: MOST_FILES,
    wanted: READ,
  });
  if ('fault' in unzipped) return { fault: unzipped.fault === 'broken' ? 'broken' : 'too-large' };
  const { files } = unzipped;
  const manifest = readJson(files['backup.json']);
  if (manifest?.['format'] !== BACKUP_FORMAT) return { fault: 'no-backup' };
  if (typeof manifest['version'] !== 'number' || !Array.isArray(manifest['decks'])) return { fault: 'broken' };
  if (manifest['version'] > BACKUP_VERSION) return { fault: 'newer' };
  const left: LeftOfBackup[] = [];
  const decks = manifest['decks'].flatMap((entry: unknown) => {
    const fields = readFields(entry) ?? {};
    const title = readString(fields['title'], '', 200);
    const json = readJson(files[readString(fields['file'], '')]);
    if (json) return [{ title, deck: readDeck(json).deck }];
    left.push({ what: 'deck', name: title });
    return [];
  });
  const contents = listed(manifest['contents']).flatMap(({ id, kind }): BackupContent[] => {
    const found = files[`${kind}s/${id}`];
    // Somebody else's bytes under a name of ours would stand wherever that is shown.
    if (found && bytesToHex(sha256(found)) === id) return [{ id, kind, bytes: found }];
    left.push({ what: 'content', kind, why: found ? 'changed' : 'missing' });
    return [];
  });
  return { decks, contents, left, beside: readBeside(manifest, (name) => parsedJson(files[name])) };
}

function listed(value: unknown): readonly { readonly id: string; readonly kind: ContentKind }[] {
  if (!Array.isArray(value)) return [];
  return value.slice(0, MOST_FILES).flatMap((entry: unknown) => {
    const fields = readFields(entry) ?? {};
    const id = readString(fields['id'], '');
    const kind = fields['kind'];
    return /^[0-9a-f]{64}$/.test(id) && (kind === 'picture' || kind === 'file') ? [{ id, kind }] : [];
  });
}

function readJson(bytes: Uint8Array | undefined): Fields | null {
  return readFields(parsedJson(bytes));
}

function parsedJson(bytes: Uint8Array | undefined): unknown {
  if (!bytes) return null;
  try {
    return JSON.parse(strFromU8(bytes)) as unknown;
  } catch {
    return null;
  }
}
