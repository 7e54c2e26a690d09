/** Reading presentations in a worker, with what is wrong with a file in words. */
import type { Deck } from '@gobrel/core/deck';
import { PRESENTATION_BOUNDS, type ReadPresentation } from '@gobrel/core/formats';
import { messages } from '../messages';
import type { FilesProgress, PresentationResult } from './files-worker';
import { start, until } from './under-way';

/** A file that says what it is, and that it cannot be read: its message is what to do. */
export class NotReadable extends Error {}

/** Endings of presentations that are read. */
export const PRESENTATION_ENDINGS = ['odp', 'otp', 'fodp', 'pptx', 'potx', 'ppsx', 'pptm', 'potm', 'ppsm'] as const;

/**
 * Reads a presentation. @param empty a deck without slides, whose title and language it has where the file says none
 * @throws NotReadable where it is none that can be read, DOMException named AbortError when it was stopped
 */
export async function readSlides(
  file: File,
  empty: Deck,
  signal: AbortSignal,
  onProgress: (progress: FilesProgress) => void = () => undefined,
): Promise<ReadPresentation> {
  // A larger file is refused anyway, so that there is no need to load all of it.
  const bytes = new Uint8Array(await file.slice(0, PRESENTATION_BOUNDS.packed + 1).arrayBuffer());
  const read = await until(start<PresentationResult>({ type: 'read-presentation', bytes, empty }, onProgress), signal);
  if (!('fault' in read)) return read;
  const faults = { 'too-large': 'tooLarge', 'no-slides': 'empty', 'no-presentation': 'other' } as const;
  const fault = read.fault === 'locked' || read.fault === 'broken' ? read.fault : faults[read.fault];
  throw new NotReadable(messages.library.import.presentationFault({ fault, name: file.name }));
}
