/** Taking decks along as files: what other features use of it. */
import { lazy } from 'react';

export { ShowFileDialog } from './show-file-dialog';

/** Comes only when it is opened: it draws slides apart. */
export const PaperDialog = lazy(async () => ({ default: (await import('./paper/paper-dialog')).PaperDialog }));
