/** Files that decks and questions come out of and go into. */
export type { BackupResult, ReadQuestions } from './files-worker';
export { NotCarriedList } from './not-carried-list';
export { startReading, writePackage } from './question-files';
export { start, type UnderWay } from './under-way';
export { withPicture } from './with-picture';
