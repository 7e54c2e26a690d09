/** Templates: ready-made slides and short decks to begin from. They are ordinary slides from the moment they are added. */
export * from './template.js';
export * from './template-slides.js';
export * from './route-decks.js';
