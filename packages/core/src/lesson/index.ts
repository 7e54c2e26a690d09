/** A lesson while it runs: what the teacher steers, and the turns in which work is shown. */
export * from './attention.js';
export * from './class-deck.js';
export * from './leading.js';
export * from './lesson-state.js';
export * from './without-participant.js';
export * from './names.js';
export * from './put-in.js';
export * from './terms.js';
export * from './turns.js';
export * from './ways-walked.js';
