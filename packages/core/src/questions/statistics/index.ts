/** Figures about questions and sets of questions: how hard, how telling, how reliable. */
export * from './correlation.js';
export * from './item-analysis.js';
export * from './reliability.js';
