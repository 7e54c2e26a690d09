/** Requests and responses, used by the server's pipes and the web's forms alike. */
export * from './ages.js';
export * from './accounts.js';
export * from './bin.js';
export * from './classes.js';
export * from './decks.js';
export * from './library.js';
export * from './embedding.js';
export * from './fault.js';
export * from './join-code.js';
export * from './lessons.js';
export * from './live-news.js';
export * from './my-lesson.js';
export * from './picture-library.js';
export * from './problem.js';
export * from './purposes.js';
export * from './shares.js';
export * from './templates.js';
