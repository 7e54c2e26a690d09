/** The papers of a picture of the library, in a line. */
import type { LibraryPicture } from '@gobrel/contract';
import { licences } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';

export function libraryCredit({ by, licence }: Pick<LibraryPicture, 'by' | 'licence'>): string {
  return licence === null ? by : messages.adding.library.credit({ by, licence: licences[licence].name });
}
