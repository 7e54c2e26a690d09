/** Links and running order as a graph. */
export * from './links.js';
export * from './running-order.js';
