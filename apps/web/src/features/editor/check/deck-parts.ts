/** What of a deck has changed since it was told last: a worker that keeps the rest is told no more than that. */
import type { Deck, DeckFields, Item, Section, Slide } from '@gobrel/core/deck';

/** The parts that changed; `null` for what is gone. */
export interface DeckParts {
  readonly fields: DeckFields;
  readonly slides: Readonly<Record<string, Slide | null>>;
  readonly items: Readonly<Record<string, Item | null>>;
  readonly sections: Readonly<Record<string, Section | null>>;
}

/** What makes `after` of `before`, by identity: slides and items that did not change are the same. */
export function partsBetween(before: Deck | null, after: Deck): DeckParts {
  const { slides, items, sections, ...fields } = after;
  return {
    fields,
    slides: changed(before?.slides ?? {}, slides),
    items: changed(before?.items ?? {}, items),
    sections: changed(before?.sections ?? {}, sections),
  };
}

function changed<T>(before: Readonly<Record<string, T>>, after: Readonly<Record<string, T>>): Record<string, T | null> {
  if (before === after) return {};
  const parts: Record<string, T | null> = {};
  for (const [id, value] of Object.entries(after)) if (before[id] !== value) parts[id] = value;
  for (const id of Object.keys(before)) if (!(id in after)) parts[id] = null;
  return parts;
}

/** The deck with the parts put in; what did not change keeps its identity. */
export function withParts(deck: Deck | null, { fields, slides, items, sections }: DeckParts): Deck {
  return {
    ...fields,
    slides: merged(deck?.slides ?? {}, slides),
    items: merged(deck?.items ?? {}, items),
    sections: merged(deck?.sections ?? {}, sections),
  };
}

function merged<T>(
  whole: Readonly<Record<string, T>>,
  parts: Readonly<Record<string, T | null>>,
): Readonly<Record<string, T>> {
  const entries = Object.entries(parts);
  if (entries.length === 0) return whole;
  const next: Record<string, T> = { ...whole };
  for (const [id, value] of entries) {
    if (value === null) delete next[id];
    else next[id] = value;
  }
  return next;
}
