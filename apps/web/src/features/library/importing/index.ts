/** Decks out of files. */
export { ImportDialog } from './import-dialog';
export { saysPresentation } from './import-kind';
export { restoreBeside } from './restore-beside';
