/** The graph of a deck in the DOT language (https://graphviz.org/doc/info/lang.html), both ways. */
export { isDot } from './is-dot.js';
export { readDot } from './read-dot.js';
export { writeDot } from './write-dot.js';
