/** A deck from files, read in a worker; its pictures are stored on the way. */
import { type Deck, emptyDeck } from '@gobrel/core/deck';
import {
  deckOfPictures,
  deckOfQuestions,
  type KeptBeside,
  LARGEST_BACKUP,
  type QuestionDraft,
  type ReadDeck,
  type ReceivedPicture,
  sizeOfBeside,
} from '@gobrel/core/formats';
import { NotReadable, type BackupResult, start, startReading, until, withPicture } from '../../../shared/deck-files';
import { storePicture } from '../../../shared/contents';
import { locale, lossInWords, messages, unreadInWords } from '../../../shared/messages';
import type { ImportGroups, ImportKind } from './import-kind';
import { type ReadingHost, readDocument } from './read-document';
import { readSeveral } from './read-several';
import { readSlidesFile } from './read-slides-file';
import { type ImportedDeck, restoreBackup } from './restore-backup';

/** A deck that was read, what it is called, and what of its file was not, in words. */
export interface Imported extends ImportedDeck {
  readonly left: readonly string[];
  /** Further decks of the same file. */
  readonly others: readonly ImportedDeck[];
  /** What of a backup lies beside its decks; `null` for nothing. */
  readonly beside: KeptBeside | null;
}

type One = Omit<Imported, 'title' | 'others' | 'beside'>;

/** What a file has that is one deck and nothing else. */
const ALONE = { others: [], beside: null };

type Tell = ReadingHost['tell'];

/** The largest text that is read, in bytes; what is beyond it is cut off. */
const LARGEST_TEXT = 8 * 1024 * 1024;

/**
 * Reads files, one deck after the other. What one of them has left is told with its name where there are several, and so is one that cannot
 * be read at all.
 * @throws DOMException named AbortError when it was stopped, NotReadable where none of them can be read
 */
export async function readImport({ groups, unknown }: ImportGroups<File>, host: ReadingHost): Promise<Imported> {
  const { read, refused } = await readSeveral(
    groups,
    ({ files }) => files[0]?.name ?? '',
    async ({ kind, files }) => ({
      ...(await readGroup(kind, files, host)),
      from: files.length > 1 ? '' : (files[0]?.name ?? ''),
    }),
    host.signal,
  );
  const says = messages.library.import;
  const notRead = [...refused, ...unknown.map((name) => says.unknown({ name }))];
  const [only] = read;
  if (!only) throw new NotReadable(notRead.join(' '));
  if (read.length === 1) return { ...only, left: [...notRead, ...only.left] };
  const left = read.flatMap(({ title, from, left: lines }) =>
    lines.map((line) => says.inFile({ name: from || title, line })),
  );
  const isEmpty = ({ deck, beside }: Imported) => Object.keys(deck.slides).length === 0 && beside === null;
  const nothing = read.filter(isEmpty).map(({ title, from }) => says.nothing({ name: from || title }));
  const [first = only, ...others] = read.filter((each) => !isEmpty(each));
  return {
    ...first,
    others: [...first.others, ...others.flatMap((each) => [{ title: each.title, deck: each.deck }, ...each.others])],
    left: [...notRead, ...nothing, ...left],
    beside: read.find(({ beside }) => beside !== null)?.beside ?? null,
  };
}

async function readGroup(kind: ImportKind, files: readonly File[], host: ReadingHost): Promise<Imported> {
  const { tell, signal } = host;
  const [first] = files;
  if (!first) return { title: '', deck: emptyDeck(''), left: [], ...ALONE };
  const title = kind === 'pictures' && files.length > 1 ? messages.library.import.pictures : nameWithoutEnding(first);
  const empty: Deck = { ...emptyDeck(title), language: locale };
  if (kind === 'pictures') return { title, ...ALONE, ...(await readPictures(empty, files, tell, signal)) };
  tell(messages.library.import.reading({ name: first.name }));
  if (kind === 'presentation') return { ...ALONE, ...(await readSlidesFile(first, empty, tell, signal)) };
  if (kind === 'document') {
    return { title, ...ALONE, ...(await readDocument(first, empty, host)) };
  }
  if (/\.zip$/i.test(first.name)) {
    const backup = await readBackupFile(first, tell, signal);
    if (backup) return backup;
  }
  if (kind === 'questions') return { title, ...ALONE, ...(await readQuestions(empty, first, signal)) };
  const bytes = new Uint8Array(await first.slice(0, LARGEST_TEXT).arrayBuffer());
  const { deck, unread } = await until(start<ReadDeck>({ type: 'read-deck', bytes, empty }), signal);
  return { title, deck, left: unread.map(unreadInWords), ...ALONE };
}

function nameWithoutEnding({ name }: File): string {
  return name.replace(/\.[^.]+$/, '');
}

async function readPictures(empty: Deck, files: readonly File[], tell: Tell, signal: AbortSignal): Promise<One> {
  const received: ReceivedPicture[] = [];
  for (const [at, file] of files.entries()) {
    signal.throwIfAborted();
    tell(messages.library.import.storing({ at: at + 1, count: files.length }));
    const stored = await storePicture(file);
    if (!stored) continue;
    const { id, width, height, moving } = stored;
    received.push({ fileName: file.name, picture: id, pixels: { width, height }, moving });
  }
  signal.throwIfAborted();
  return { deck: deckOfPictures(empty, received), left: [] };
}

async function readQuestions(empty: Deck, file: File, signal: AbortSignal): Promise<One> {
  const { questions, left } = await until(await startReading(file), signal);
  const drafts: QuestionDraft[] = [];
  for (const { draft, picture } of questions) {
    signal.throwIfAborted();
    drafts.push(await withPicture(draft, picture));
  }
  const inWords = left.map(({ name, row, why }) => {
    const called = name || (row ? messages.losses.row({ row }) : '');
    return called ? `${called}: ${lossInWords(why)}` : lossInWords(why);
  });
  return { deck: deckOfQuestions(empty, drafts), left: inWords };
}

/** The decks of a backup; `null` for a zip that is none. @throws NotReadable where it is one, and cannot be read */
async function readBackupFile(file: File, tell: Tell, signal: AbortSignal): Promise<Imported | null> {
  const says = messages.library.import;
  // A larger file is refused anyway, so that there is no need to load all of it.
  const bytes = new Uint8Array(await file.slice(0, LARGEST_BACKUP + 1).arrayBuffer());
  const read = await until(start<BackupResult>({ type: 'read-backup', bytes }), signal);
  if ('fault' in read) {
    if (read.fault === 'no-backup') return null;
    const fault = read.fault === 'too-large' ? 'tooLarge' : read.fault;
    throw new NotReadable(says.backupFault({ fault, name: file.name }));
  }
  const { decks, left, beside } = await restoreBackup(read, signal, (at, count) => tell(says.restoring({ at, count })));
  const [first, ...others] = decks;
  return {
    ...(first ?? { title: nameWithoutEnding(file), deck: emptyDeck('') }),
    others,
    left,
    beside: sizeOfBeside(beside) > 0 ? beside : null,
  };
}
