/** Reviewing: what a teacher says to work, corrections of an edition, and the gradebook. */
export * from './class-deck-kept.js';
export * from './correction.js';
export * from './gradebook.js';
export * from './marks-memo.js';
export * from './queue.js';
export * from './review.js';
export * from './shown-names.js';
