/** Decks from Markdown and from plain outlines, and as such. */
export { readMarkdown, type ReadDeck } from './read-markdown.js';
export { type MarkdownWords, writeMarkdown, writeOutline, type WrittenText } from './write-markdown.js';
