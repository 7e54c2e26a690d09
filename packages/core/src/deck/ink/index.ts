/** Ink of authors. */
export * from './ink.js';
export * from './straighten.js';
