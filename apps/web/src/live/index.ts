/** Shared documents on this device. */
export { type AuthorPlace, type CoAuthor, useCoAuthors } from './co-authors';
export { tellWaiting, useObserved } from './observed';
export {
  type DocumentStatus,
  forgetConnection,
  type KeptWhere,
  type OpenDocument,
  type Speaker,
} from './open-document';
export { type StudentPlace, useStudentPlace } from './use-place';
export { deckReading, lessonReading, workReading } from './readings';
export { useDocument, useDocumentStatus, useStatus } from './use-document';
