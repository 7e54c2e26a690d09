/** Decks from Markdown and from plain outlines, and as such. */
export { readMarkdown, type ReadDeck } from './read-markdown.js';
export { type MarkdownWords, writeMarkdown } from './write-markdown.js';
export { writeOutline } from './write-outline.js';
export type { WrittenText } from './written-text.js';
