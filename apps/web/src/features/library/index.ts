/** What other features use of the library: templates to begin from, and decks out of files. */
export { ImportDialog, saysPresentation } from './importing';
export * from './templates';
