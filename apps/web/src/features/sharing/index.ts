/** Sharing decks: what other features use of it. */
export { ShareDialog } from './share-dialog/share-dialog';
