/** The deck drawn as a map: what stands on it, and where. */
export * from './map-ways.js';
export * from './lay-out.js';
