/** Colours of a deck as CSS writes them. */
import { isColourName } from '@gobrel/core/deck';

/** A colour as CSS writes it; one by name follows the theme of the slide it stands on. */
export function paint(colour: string): string {
  return isColourName(colour) ? `var(--gv-${colour})` : colour;
}
