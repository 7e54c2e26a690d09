/** Colours that tell authors apart; white letters can be read on each of them. */
import type { CoAuthor } from '../../../shared/sync';

const COLOURS = ['#3d4e8a', '#9b2242', '#4f6b26', '#8a5a00', '#0f5c5a', '#6a3d6e'] as const;

/** The colour of an author for as long as their screen is open. */
export function colourOf(author: CoAuthor): string {
  return COLOURS[author.client % COLOURS.length] ?? COLOURS[0];
}
