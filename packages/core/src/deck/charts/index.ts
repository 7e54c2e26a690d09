/** Charts that follow a table. */
export * from './chart-figures.js';
export * from './figures.js';
export * from './read-figure.js';
