/** Reads a presentation of any format that is read here, by what is in it rather than by what it is called. */
import type { Deck } from '../../deck/index.js';
import { isArchive, unpack } from '../archive/index.js';
import { isOdf, readOdf } from '../odf/index.js';
import { isOoxml, readOoxml } from '../ooxml/index.js';
import { PRESENTATION_BOUNDS, type PresentationFault, type ReadPresentation } from './found-deck.js';
import type { TellWritten } from './written-file.js';

/**
 * A deck from a presentation. Whatever is broken or hostile in it is told, never thrown.
 * @param empty a deck without slides, whose title and language the new one has where the file says none
 */
export function readPresentation(
  bytes: Uint8Array,
  empty: Deck,
  tell: TellWritten = () => undefined,
  createId?: () => string,
): ReadPresentation | { readonly fault: PresentationFault } {
  // A compound file: what was locked by a password, or written by programs of long ago.
  if (bytes[0] === 0xd0 && bytes[1] === 0xcf) return { fault: 'locked' };
  if (!isArchive(bytes)) return readOdf(bytes, empty, tell, createId);
  const unpacked = unpack(bytes, PRESENTATION_BOUNDS);
  if ('fault' in unpacked) return { fault: unpacked.fault === 'broken' ? 'broken' : 'too-large' };
  if (isOdf(unpacked.files)) return readOdf(unpacked.files, empty, tell, createId);
  if (isOoxml(unpacked.files)) return readOoxml(unpacked.files, empty, tell, createId);
  return { fault: 'no-presentation' };
}
