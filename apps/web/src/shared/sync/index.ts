/** Shared documents on this device. */
export { type AuthorPlace, type CoAuthor, useCoAuthors } from './co-authors';
export { followLeaving, forgetDevice, forgetWhatIsSaved } from './forget-device';
export { keptAs, unsavedFor } from './kept-here';
export type { KeptWhere } from './kept-where';

export { tellWaiting, useObserved } from './observed';
export {
  type DocumentStatus,
  forgetConnection,
  openDocument,
  type OpenDocument,
  releaseDocument,
} from './open-document';
export { othersIn, placeToldIn, type StudentPlace, useStudentPlace, type Zoom } from './use-place';
export { deckReading, lessonReading, workReading } from './readings';
export { useHeard } from './use-heard';
export { useSentOut } from './use-sent-out';
export { useDocument, useDocumentStatus, useStatus } from './use-document';
export { type LiveLesson, useLesson } from './use-lesson';
