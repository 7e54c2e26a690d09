export * from './camera.js';
export * from './frame.js';
export * from './resize.js';
export * from './snap-into.js';
export * from './snapping.js';
export * from './together.js';
export * from './connector.js';
