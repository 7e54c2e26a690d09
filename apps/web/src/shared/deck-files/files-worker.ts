/** Reads and packs files apart from the page: they can be large, or made to be. */
import type { Deck } from '@gobrel/core/deck';
import {
  type BackupFault,
  type MarkdownWords,
  type NotCarried,
  type PackagePicture,
  pixelsOf,
  plainDeck,
  type PresentationFault,
  type QuestionDraft,
  readBackup,
  type ReadBackup,
  type ReadDeck,
  readDeckText,
  readPresentation,
  type ReadPresentation,
  readQtiPackage,
  readQuestionsCsv,
  type WrittenFile,
  type WrittenPackage,
  writeMarkdown,
  writeOdf,
  writeOoxml,
  writeOutline,
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
  | { readonly type: 'read-backup'; readonly bytes: Uint8Array }
  /** A deck from a presentation; with the title and language of an empty one where the file says none. */
  | { readonly type: 'read-presentation'; readonly bytes: Uint8Array; readonly empty: Deck }
  | {
      readonly type: 'write-slides';
      readonly format: SlidesFormat;
      readonly deck: Deck;
      /** Of its pictures and files, by their ids. */
      readonly contents: ReadonlyMap<string, Uint8Array>;
      readonly words: Pick<MarkdownWords, 'notes'> & {
        /** What slides without a name are called. */ readonly names: Readonly<Record<string, string>>;
      };
    };

/** What slides are written as for other programs. */
export type SlidesFormat = 'odp' | 'pptx' | 'markdown' | 'outline';

/** How far it is: slides that are done, of all. */
export interface FilesProgress {
  readonly done: number;
  readonly all: number;
}

/** Questions that came out of a file, with the pictures they show. */
export interface ReadQuestions {
  readonly questions: readonly { readonly draft: QuestionDraft; readonly picture: Uint8Array | null }[];
  readonly left: readonly NotCarried[];
}

/** What it answers. */
export type FilesResult = WrittenPackage | ReadQuestions | ReadDeck | BackupResult | PresentationResult | WrittenFile;

/** A presentation, or why it is none that can be read. */
export type PresentationResult = ReadPresentation | { readonly fault: PresentationFault };

/** A backup, or why it is none that can be read. */
export type BackupResult = ReadBackup | { readonly fault: BackupFault };

self.addEventListener('message', ({ data }: MessageEvent<FilesTask>) => {
  self.postMessage({ result: resultOf(data) });
});

function resultOf(task: FilesTask): FilesResult {
  if (task.type === 'write') return writeQtiPackage(task.drafts, task.pictures);
  if (task.type === 'read-deck') return readDeckText(new TextDecoder().decode(task.bytes), task.empty);
  if (task.type === 'read-backup') return readBackup(task.bytes);
  if (task.type === 'read-presentation') return readPresentation(task.bytes, task.empty, tell);
  if (task.type === 'write-slides') return writeSlides(task);
  if (!task.isTable) return readQtiPackage(task.bytes);
  const { drafts, left } = readQuestionsCsv(new TextDecoder().decode(task.bytes));
  return { questions: drafts.map((draft) => ({ draft, picture: null })), left };
}

function tell(done: number, all: number): void {
  self.postMessage({ done, all } satisfies FilesProgress);
}

function writeSlides({
  format,
  deck,
  contents,
  words,
}: Extract<FilesTask, { readonly type: 'write-slides' }>): WrittenFile {
  const order = Object.keys(words.names);
  const slide = (number: number) => words.names[order[number - 1] ?? ''] ?? '';
  if (format === 'markdown' || format === 'outline') {
    const { text, left } =
      format === 'markdown' ? writeMarkdown(deck, { ...words, slide }) : writeOutline(deck, { slide });
    return { bytes: new TextEncoder().encode(text), left };
  }
  const plain = plainDeck(deck, {
    nameOf: ({ id }) => words.names[id] ?? '',
    pixelsOf: (pictureId) => pixelsOf(contents.get(pictureId) ?? new Uint8Array()),
  });
  return format === 'odp' ? writeOdf(plain, contents, tell) : writeOoxml(plain, contents, tell);
}
