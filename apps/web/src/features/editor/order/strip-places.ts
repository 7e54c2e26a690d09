/** Where slides and sections stand in the strip. All lengths in CSS pixels. */
import { type Entry, isSection } from '@gobrel/core/deck';

/** How wide a slide's picture is, how far places are apart, and the room at either end of the strip. */
export const STRIP = { picture: 96, step: 106, margin: 6 } as const;

/** Where an entry stands; a section's line runs over its slides. */
export interface StripPlace {
  readonly start: number;
  /** The room it takes among the others: none for a section that is a line over its slides. */
  readonly size: number;
  /** How far its line runs; a slide's is its place. */
  readonly line: number;
}

/**
 * The places of the entries in sight. A section that has no slide right behind it, as it is folded, is empty or begins
 * with another section, has a place of its own.
 */
export function stripPlaces(entries: readonly Entry[]): readonly StripPlace[] {
  let at = STRIP.margin;
  const starts = entries.map((entry, index) => {
    const start = at;
    const next = entries[index + 1];
    const size = isSection(entry) && next && !isSection(next) ? 0 : STRIP.step;
    at += size;
    return { start, size };
  });
  let end = at;
  const lines = starts.map((): number => STRIP.step);
  for (let index = entries.length - 1; index >= 0; index -= 1) {
    const [entry, place] = [entries[index], starts[index]];
    if (!entry || !place || !isSection(entry)) continue;
    lines[index] = end - place.start;
    end = place.start;
  }
  return starts.map((place, index) => ({ ...place, line: lines[index] ?? place.size }));
}
