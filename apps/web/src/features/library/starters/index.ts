/** Beginning from starters: ready-made slides and decks, one's own and those of colleagues. */
export { KeepStarterDialog } from './keep-starter-dialog';
export { shippedDeckStarters } from './use-starters';
export { StarterDialog } from './starter-dialog';
