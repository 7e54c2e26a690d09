/** The library's door: starters to begin from. */
export * from './starters';
