/** What other features use of the player: all that a show has besides its slide. */
export * from './showing';
