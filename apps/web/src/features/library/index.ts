/** What other features use of the library: starters to begin from. */
export * from './starters';
