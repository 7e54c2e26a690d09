/** What of a deck has to be known where it is shared. */
import type { Deck } from '@gobrel/core/deck';

export interface SharedDeck extends Pick<Deck, 'title' | 'size'> {
  readonly id: string;
}
