/** The papers of pictures: who made them, where they are from, and what one may do with them. */
export * from './credit.js';
export * from './credit-line.js';
export * from './gathered.js';
export * from './licences.js';
