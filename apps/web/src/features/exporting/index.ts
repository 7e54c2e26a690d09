/** Taking decks along as files: what other features use of it. */
import { lazy } from 'react';

export { ShowFileDialog } from './show-file-dialog';
export { SlidesFileDialog } from './slides-file/slides-file-dialog';

/** These come only when they are opened: they draw slides apart. */
export const PaperDialog = lazy(async () => ({ default: (await import('./paper/paper-dialog')).PaperDialog }));
export const LessonFileDialog = lazy(async () => ({
  default: (await import('./lesson/lesson-file-dialog')).LessonFileDialog,
}));
export const PicturesDialog = lazy(async () => ({
  default: (await import('./pictures/pictures-dialog')).PicturesDialog,
}));
