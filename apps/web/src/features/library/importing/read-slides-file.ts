/** A deck from a presentation: read in a worker, with what it shows stored here. */
import { type Deck } from '@gobrel/core/deck';
import { PRESENTATION_BOUNDS, type ReadPresentation } from '@gobrel/core/formats';
import { type PresentationResult, start, until } from '../../../shared/deck-files';
import { lossInWords, messages } from '../../../shared/messages';
import { NotReadable } from './not-readable';
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
  const { name } = file;
  // A larger file is refused anyway, so that there is no need to load all of it.
  const bytes = new Uint8Array(await file.slice(0, PRESENTATION_BOUNDS.packed + 1).arrayBuffer());
  const task = start<PresentationResult>({ type: 'read-presentation', bytes, empty }, ({ done, all }) =>
    tell(says.readingSlides({ at: done, count: all, name })),
  );
  const read = await until(task, signal);
  if ('fault' in read) {
    const faults = { 'too-large': 'tooLarge', 'no-slides': 'empty', 'no-presentation': 'other' } as const;
    const fault = read.fault === 'locked' || read.fault === 'broken' ? read.fault : faults[read.fault];
    throw new NotReadable(says.presentationFault({ fault, name }));
  }
  const stored = await restoreBackup(asBackup(read), signal, (at, count) => tell(says.restoring({ at, count })));
  const [first] = stored.decks;
  const left = read.left.map(({ name: slide, row, why }) => {
    const called = row === undefined ? slide : says.page({ number: row, name: slide });
    return called === '' ? lossInWords(why) : `${called}: ${lossInWords(why)}`;
  });
  return { title: read.deck.title || empty.title, deck: first?.deck ?? read.deck, left: [...left, ...stored.left] };
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
