/** Words of the library. */
import { many, moment } from './phrases';

export const library = {
  title: 'Library',
  decks: 'your decks',
  newDeck: 'New deck',
  otherSize: 'Begin in another way',
  untitled: 'Untitled deck',
  deckTitle: 'Title of the deck',
  empty: 'No deck yet',
  emptyText: 'Press “New deck” and begin to write; everything is saved as you go.',
  facts: (slides: number, updatedAt: string) => `${many(slides, 'slide', 'slides')} · ${moment(updatedAt)}`,
  actions: (title: string) => `What to do with “${title}”`,
  rename: 'Rename',
  duplicate: 'Duplicate',
  delete: 'Delete',
  deleted: (title: string) => `“${title}” is deleted.`,
  deleteTitle: (title: string) => `Delete “${title}”?`,
  deleteText: 'It leaves your library, and nobody can open it. You can restore it from your deleted decks.',
  deletedDecks: (count: number) => many(count, 'deleted deck', 'deleted decks'),
  deletedFacts: (slides: number, deletedAt: string) =>
    `${many(slides, 'slide', 'slides')} · deleted ${moment(deletedAt)}`,
  restore: 'Restore',
  restoreDeck: (title: string) => `Restore “${title}”`,
  restored: (title: string) => `“${title}” is back in your library.`,
} as const;
