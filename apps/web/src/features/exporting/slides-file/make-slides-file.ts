/** A deck as a file of slides for other programs: its pictures and files are fetched, then a worker writes it. */
import { type Deck, filesIn, picturesIn, slidesInOrder } from '@gobrel/core/deck';
import type { WrittenFile } from '@gobrel/core/formats';
import { fileUrl, pictureUrl } from '../../../shared/api';
import { type SlidesFormat, start, until } from '../../../shared/deck-files';
import { messages, slideName } from '../../../shared/messages';
import { fetched, severally } from '../fetching';
import { understood } from './understood';

/** How far it is: what is fetched, then slides that are written. */
export interface SlidesProgress {
  readonly step: 'fetching' | 'writing';
  readonly done: number;
  readonly all: number;
}

/** The endings and kinds of files. */
export const slidesFiles: Readonly<Record<SlidesFormat, { readonly ending: string; readonly type: string }>> = {
  odp: { ending: 'odp', type: 'application/vnd.oasis.opendocument.presentation' },
  pptx: { ending: 'pptx', type: 'application/vnd.openxmlformats-officedocument.presentationml.presentation' },
  markdown: { ending: 'md', type: 'text/markdown' },
  outline: { ending: 'txt', type: 'text/plain' },
};

/** Makes the file. @throws DOMException named AbortError when it was stopped, Error when the worker failed */
export async function makeSlidesFile(
  deck: Deck,
  format: SlidesFormat,
  signal: AbortSignal,
  onProgress: (progress: SlidesProgress) => void,
): Promise<WrittenFile> {
  const isText = format === 'markdown' || format === 'outline';
  const contents = isText ? new Map<string, Uint8Array>() : await contentsOf(deck, signal, onProgress);
  const names = Object.fromEntries(slidesInOrder(deck).map(({ id }) => [id, slideName(deck, id)]));
  const words = { notes: messages.slidesFile.notes, names };
  const task = start<WrittenFile>({ type: 'write-slides', format, deck, contents, words }, ({ done, all }) =>
    onProgress({ step: 'writing', done, all }),
  );
  return until(task, signal);
}

async function contentsOf(
  deck: Deck,
  signal: AbortSignal,
  onProgress: (progress: SlidesProgress) => void,
): Promise<ReadonlyMap<string, Uint8Array>> {
  const wanted = [
    ...picturesIn(deck).map((id) => ({ id, url: pictureUrl(id) })),
    ...filesIn(deck).map((id) => ({ id, url: fileUrl(id) })),
  ];
  let done = 0;
  onProgress({ step: 'fetching', done, all: Math.max(1, wanted.length) });
  const found = await severally(wanted, async ({ id, url }) => {
    // What is missing is told in the list of what did not fit; the rest is written.
    const answer = await fetched(url, signal).catch(() => {
      signal.throwIfAborted();
      return null;
    });
    const bytes = answer && (await understood(await answer.blob()));
    done += 1;
    onProgress({ step: 'fetching', done, all: wanted.length });
    return bytes && ([id, bytes] as const);
  });
  return new Map(found.filter((each) => each !== null));
}
