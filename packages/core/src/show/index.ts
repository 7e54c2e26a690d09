/** A show as a state machine. */
export * from './show.js';
