/** The names that themes give colours. */
import { isOneOf } from '../model/reading.js';

/** The colours a theme names: the ground of slides, words on it, quiet words, and three that stand out. */
export const colourNames = ['ground', 'words', 'soft', 'accent', 'second', 'third'] as const;

/** The name of a theme's colour. */
export type ColourName = (typeof colourNames)[number];

/** Whether a colour is one that the theme names. */
export function isColourName(colour: unknown): colour is ColourName {
  return isOneOf(colour, colourNames);
}
