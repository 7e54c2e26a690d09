/** A student's work in a file. */
export * from './work-file.js';
