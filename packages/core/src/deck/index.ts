/** What a deck is: its types, readers for untrusted input, changes, and the commands that make them. */
export * from './model/index.js';
export * from './text/index.js';
export * from './appearance/index.js';
export * from './tables/index.js';
export * from './pieces/index.js';
export * from './charts/index.js';
export * from './credits/index.js';
export * from './formulas/index.js';
export * from './ink/index.js';
export * from './lines/index.js';
export * from './media/index.js';
export * from './links/index.js';
export * from './references/index.js';
export * from './commands/index.js';
export * from './diagrams/index.js';
export * from './kinds/index.js';
