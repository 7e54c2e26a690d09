/** Links and running order as a graph. */
export * from './links.js';
export * from './running-order.js';
export * from './route-graph.js';
export * from './endings.js';
export * from './figures.js';
export * from './troubles.js';
export * from './chances.js';
export * from './gates.js';
