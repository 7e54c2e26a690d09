/** What a student may change: work, whether it fits its edition, and how it is laid over it. */
export * from './fit.js';
export * from './lay-over.js';
export * from './piece-drop.js';
export * from './work.js';
