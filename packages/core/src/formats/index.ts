/** Readers and writers of open formats. */
export * from './dot/index.js';
export * from './mermaid/index.js';
export * from './route-sketch.js';
