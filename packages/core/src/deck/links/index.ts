/** Links: where they lead, and the gates they wait for. */
export * from './destination.js';
export * from './gate.js';
