/** Taking decks along as files: what other features use of it. */
export { ShowFileDialog } from './show-file-dialog';
