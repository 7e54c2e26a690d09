/** The lessons' door: handing a deck out, and the way into a lesson. */
export * from './handing-out';
