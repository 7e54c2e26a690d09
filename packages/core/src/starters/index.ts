/** Starters: ready-made slides and short decks to begin from. They are ordinary slides from the moment they are added. */
export * from './starter.js';
export * from './starter-slides.js';
