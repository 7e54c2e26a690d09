/**
 * A backup: a zip of JSON and bytes that can be read without this program. `backup.json` says what is in it, `schema.json`
 * how that is built (JSON Schema 2020-12), `decks/` holds decks, `pictures/` and `files/` bytes by their SHA-256. What else
 * somebody has lies beside them as JSON: `account.json`, `themes.json`, `templates.json`, `classes.json`, `lessons/`.
 */

/** Counts up when older readers can no longer read what is written. */
export const BACKUP_VERSION = 1;

/** What `backup.json` is, for whoever finds it alone. */
export const BACKUP_FORMAT = 'gobrel backup';

/** Where bytes lie that decks show or lead to. */
export type ContentKind = 'picture' | 'file';

/** What a backup says of itself. */
export interface BackupManifest {
  readonly format: typeof BACKUP_FORMAT;
  readonly version: number;
  /** When it was made, as ISO 8601. */
  readonly made: string;
  readonly decks: readonly { readonly file: string; readonly title: string }[];
  readonly contents: readonly {
    /** The SHA-256 of the bytes in hexadecimal, as decks name it. */
    readonly id: string;
    readonly kind: ContentKind;
    readonly file: string;
    readonly bytes: number;
    /** As the server knows it; of files that are only handed out `application/octet-stream`. */
    readonly mediaType: string;
  }[];
  /** Where lessons lie: the folder of their files, '' for the top; none in what was made before they were read back. */
  readonly lessons?: readonly { readonly folder: string; readonly title: string }[];
}

/** The files that a lesson is, in its folder. */
export const lessonFiles = ['lesson', 'edition', 'work', 'submissions', 'reviews'] as const;

/** Where the bytes of a picture or a file lie. */
export function contentFile(kind: ContentKind, id: string): string {
  return `${kind}s/${id}`;
}

/** Where a deck lies. @param at its place among the decks */
export function deckFile(at: number): string {
  return `decks/${String(at + 1).padStart(3, '0')}.json`;
}
