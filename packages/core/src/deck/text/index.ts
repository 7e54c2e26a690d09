/** Text: rich text, where items have texts, text styles and fonts. */
export * from './characters.js';
export * from './dressing.js';
export * from './field-text.js';
export * from './fonts.js';
export * from './rich-text.js';
export * from './text-style-names.js';
export * from './text-style.js';
export * from './texts.js';
