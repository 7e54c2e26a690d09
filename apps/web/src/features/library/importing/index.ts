/** Decks out of files. */
export { ImportDialog } from './import-dialog';
