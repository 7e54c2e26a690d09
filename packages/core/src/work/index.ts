/** Work: what a student may change, laid over an edition, checked against it, and its limits. */
export * from './adding.js';
export * from './bring-in.js';
export * from './drawing.js';
export { fillKindOf, fills, mostDots } from './fill-kinds.js';
export * from './filled-in.js';
export * from './validate-work.js';
export * from './apply-work.js';
export * from './overview.js';
export * from './piece-drop.js';
export * from './room-left.js';
export * from './slide-fields.js';
export * from './sounds.js';
export * from './stranded.js';
export * from './work.js';
export * from './work-sums.js';
export * from './zone-lay.js';
