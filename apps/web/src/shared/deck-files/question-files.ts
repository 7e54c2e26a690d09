/** Questions into files and out of them, in a worker that can be stopped. */
import type { Deck } from '@gobrel/core/deck';
import { draftsOf, LARGEST_PACKAGE, type PackagePicture, type WrittenPackage } from '@gobrel/core/formats';
import { pictureUrl } from '../api';
import type { ReadQuestions } from './files-worker';
import { start, type UnderWay } from './under-way';

/** Reads questions out of a package, an item or a table. */
export async function startReading(file: File): Promise<UnderWay<ReadQuestions>> {
  const isTable = /\.(csv|tsv|txt)$/i.test(file.name);
  // A larger file is refused anyway, so that there is no need to load all of it.
  const bytes = new Uint8Array(await file.slice(0, LARGEST_PACKAGE + 1).arrayBuffer());
  return start({ type: 'read', bytes, isTable });
}

/** Writes a deck's questions into a package, with the pictures they show. */
export async function writePackage(deck: Deck): Promise<WrittenPackage> {
  const drafts = draftsOf(deck);
  const ids = drafts.flatMap((draft) =>
    draft.kind === 'point' || draft.kind === 'draw' ? [draft.fields.picture ?? ''] : [],
  );
  const pictures = new Map<string, PackagePicture>();
  for (const id of new Set(ids)) {
    const picture = id === '' ? null : await fetchPicture(id);
    if (picture) pictures.set(id, picture);
  }
  return start<WrittenPackage>({ type: 'write', drafts, pictures }).result;
}

async function fetchPicture(id: string): Promise<PackagePicture | null> {
  const answer = await fetch(pictureUrl(id));
  if (!answer.ok) return null;
  const blob = await answer.blob();
  const image = new Image();
  image.src = pictureUrl(id);
  await image.decode();
  const bytes = new Uint8Array(await blob.arrayBuffer());
  return { bytes, type: blob.type, width: image.naturalWidth, height: image.naturalHeight };
}
