/** A show as a state machine: its stops, its gates, and going on by itself. */
export * from './autoplay.js';
export * from './gates.js';
export * from './reach.js';
export * from './show.js';
export * from './sounds.js';
export * from './stops.js';
