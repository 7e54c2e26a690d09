/** Colours as decks hold them. */
import { isColourName } from './colour-names.js';

/** A colour from untrusted JSON: `#rrggbb` in lower case, `transparent`, or a name that the theme knows. */
export function readColour(value: unknown, fallback: string): string {
  if (value === 'transparent' || isColourName(value)) return value;
  return typeof value === 'string' && /^#[0-9a-f]{6}$/i.test(value) ? value.toLowerCase() : fallback;
}
