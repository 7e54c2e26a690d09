/** Builders for tests. */
export * from './deck-builder.js';
