/** Story plans: read from text, written from a deck, and followed by its slides. */
export * from './apply-plan.js';
export * from './plan.js';
export * from './read-plan.js';
export * from './write-plan.js';
