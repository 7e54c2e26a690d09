/** Decks out of files. */
export { ImportDialog } from './import-dialog';
export { restoreBeside } from './restore-beside';
