/** What stands before the quote that holds a slide's notes, so that they are told from other quotes in any language. */
export const NOTES_SIGN = '<!-- notes -->';
