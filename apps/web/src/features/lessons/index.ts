/** What other features use of the lessons: handing a deck out, and the way into a lesson. */
export * from './handing-out';
