/** The fonts a slide's words may be set in; all are shipped, and drawn by `slide-view`. */
import { isOneOf } from '../model/reading.js';

/** What each font is for; the names say the kind of letter, not the maker's brand. */
export const fontNames = ['text', 'heading', 'serif', 'rounded', 'handwriting', 'mono', 'wide'] as const;

/** The name of a font. */
export type FontName = (typeof fontNames)[number];

/** Whether a value names a font. */
export function isFontName(value: unknown): value is FontName {
  return isOneOf(value, fontNames);
}
