/** Reads and packs files apart from the page: they can be large, or made to be. */
import type { Deck } from '@gobrel/core/deck';
import {
  type BackupFault,
  type NotCarried,
  type PackagePicture,
  type QuestionDraft,
  readBackup,
  type ReadBackup,
  type ReadDeck,
  readDeckText,
  readQtiPackage,
  readQuestionsCsv,
  type WrittenPackage,
  writeQtiPackage,
} from '@gobrel/core/formats';

/** What the worker is asked. */
export type FilesTask =
  | {
      readonly type: 'write';
      readonly drafts: readonly QuestionDraft[];
      readonly pictures: ReadonlyMap<string, PackagePicture>;
    }
  | { readonly type: 'read'; readonly bytes: Uint8Array; readonly isTable: boolean }
  /** A deck from a text; with the look and language of an empty one. */
  | { readonly type: 'read-deck'; readonly bytes: Uint8Array; readonly empty: Deck }
  | { readonly type: 'read-backup'; readonly bytes: Uint8Array };

/** Questions that came out of a file, with the pictures they show. */
export interface ReadQuestions {
  readonly questions: readonly { readonly draft: QuestionDraft; readonly picture: Uint8Array | null }[];
  readonly left: readonly NotCarried[];
}

/** What it answers. */
export type FilesResult = WrittenPackage | ReadQuestions | ReadDeck | BackupResult;

/** A backup, or why it is none that can be read. */
export type BackupResult = ReadBackup | { readonly fault: BackupFault };

self.addEventListener('message', ({ data }: MessageEvent<FilesTask>) => {
  self.postMessage(resultOf(data));
});

function resultOf(task: FilesTask): FilesResult {
  if (task.type === 'write') return writeQtiPackage(task.drafts, task.pictures);
  if (task.type === 'read-deck') return readDeckText(new TextDecoder().decode(task.bytes), task.empty);
  if (task.type === 'read-backup') return readBackup(task.bytes);
  if (!task.isTable) return readQtiPackage(task.bytes);
  const { drafts, left } = readQuestionsCsv(new TextDecoder().decode(task.bytes));
  return { questions: drafts.map((draft) => ({ draft, picture: null })), left };
}
