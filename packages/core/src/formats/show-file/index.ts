/** Shows as one HTML file. */
export * from './show-file.js';
export { isInRange } from './unicode-range.js';
