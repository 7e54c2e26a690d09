/** Readers and writers of open formats. */
export * from './backup/index.js';
export * from './class-list/index.js';
export * from './deck-file/index.js';
export * from './dot/index.js';
export * from './gradebook-csv/index.js';
export type { Loss, NotCarried } from './loss.js';
export * from './markdown/index.js';
export * from './mermaid/index.js';
export { writeOdf } from './odf/index.js';
export { writeOoxml } from './ooxml/index.js';
export * from './presentation/index.js';
export * from './qti/index.js';
export * from './question-draft.js';
export * from './questions-csv/index.js';
export * from './results-csv/index.js';
export * from './route-sketch.js';
export * from './show-file/index.js';
export * from './work-file/index.js';
