/** A deck from a presentation: read in a worker, with what it shows stored here. */
import type { Deck } from '@gobrel/core/deck';
import type { ReadPresentation } from '@gobrel/core/formats';
import { readSlides } from '../../../shared/deck-files';
import { lossInWords, messages } from '../../../shared/messages';
import { restoreBackup } from './restore-backup';

/** A deck that was read, and what of its file was not, in words. */
export interface ReadSlides {
  readonly title: string;
  readonly deck: Deck;
  readonly left: readonly string[];
}

/** @throws NotReadable where it is none that can be read, DOMException named AbortError when it was stopped */
export async function readSlidesFile(
  file: File,
  empty: Deck,
  tell: (step: string) => void,
  signal: AbortSignal,
): Promise<ReadSlides> {
  const says = messages.library.import;
  const read = await readSlides(file, empty, signal, ({ done, all }) =>
    tell(says.readingSlides({ at: done, count: all, name: file.name })),
  );
  const stored = await restoreBackup(asBackup(read), signal, (at, count) => tell(says.restoring({ at, count })));
  const [first] = stored.decks;
  const left = read.left.map(({ name: slide, row, why }) => {
    const isNumber = new RegExp(`^\\p{L}+ ${row ?? ''}$`, 'u').test(slide);
    const called = row === undefined || isNumber ? slide : says.page({ number: row, name: slide });
    return called === '' ? lossInWords(why) : `${called}: ${lossInWords(why)}`;
  });
  return {
    title: titleOf(read.deck.title, empty.title),
    deck: first?.deck ?? read.deck,
    left: [...left, ...stored.left],
  };
}

/** What files say they are called is often that of what they were made from: the name of the file counts, but for a title that has it in it. */
function titleOf(said: string, fileName: string): string {
  const plain = (text: string) =>
    text
      .toLowerCase()
      .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  return plain(said).includes(plain(fileName)) ? said : fileName;
}

/** A presentation as a backup of one deck: what is stored of it is stored as of those. */
function asBackup({ deck, contents }: ReadPresentation) {
  return {
    decks: [{ title: deck.title, deck }],
    contents,
    left: [],
    beside: { classes: [], lessons: [], themes: [], templates: [] },
  };
}
