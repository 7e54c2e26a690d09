/** The player's door: walking through a deck, and showing one, for whoever shows slides. */
export * from './showing';
export * from './walking';
