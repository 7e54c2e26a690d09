/** Pieces: what students move. */
export * from './pieces.js';
export * from './shuffled.js';
