/** The player's door: what a show has besides the slide, for whoever shows slides. */
export * from './showing';
