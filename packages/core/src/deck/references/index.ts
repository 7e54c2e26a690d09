/** References: what items, links and gates refer to, and how that is mapped. Copying and removing use nothing else. */
export * from './dangling.js';
export * from './destination-references.js';
export * from './item-references.js';
export * from './letting-go.js';
export * from './reference.js';
