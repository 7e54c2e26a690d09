/** Files that decks and questions come out of and go into. */
export type { BackupResult, FilesProgress, PresentationResult, ReadQuestions, SlidesFormat } from './files-worker';
export { NotCarriedList } from './not-carried-list';
export { startReading, writePackage } from './question-files';
export { NotReadable, PRESENTATION_ENDINGS, readSlides } from './read-slides';
export { start, type UnderWay, until } from './under-way';
export { withPicture } from './with-picture';
