/** Reads decks from Markdown and from plain outlines. */
export { readMarkdown, type ReadDeck } from './read-markdown.js';
