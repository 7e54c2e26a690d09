/** The running order: slides and the headings of sections among them. */
import type { Deck } from './deck.js';
import type { SectionId, SlideId } from './identifiers.js';
import { byRank } from './rank.js';
import type { Section } from './section.js';
import type { Slide } from './slide.js';

/** What stands in the running order. */
export type Entry = Slide | Section;

/** What the running order goes by. */
type Ordered = Pick<Deck, 'slides' | 'sections'>;

/** Whether an entry is the heading of a section. */
export function isSection(entry: Entry): entry is Section {
  return 'depth' in entry;
}

/** Entries in order, worked out once for each state of a deck: decks are immutable, so it stays true. */
const ordered = new WeakMap<
  Deck['slides'],
  { readonly sections: Deck['sections']; readonly entries: readonly Entry[] }
>();

/** Slides and headings in running order. */
export function entriesOf(deck: Ordered): readonly Entry[] {
  const known = ordered.get(deck.slides);
  if (known?.sections === deck.sections) return known.entries;
  const entries = [...Object.values(deck.slides), ...Object.values(deck.sections)].sort(byRank);
  ordered.set(deck.slides, { sections: deck.sections, entries });
  return entries;
}

/** A section whole: its heading, and everything up to the next heading that is not deeper; empty when it is gone. */
export function blockOf(deck: Ordered, id: SectionId): readonly Entry[] {
  const entries = entriesOf(deck);
  const start = entries.findIndex((entry) => entry.id === id);
  const heading = entries[start];
  if (!heading || !isSection(heading)) return [];
  const length = entries.slice(start + 1).findIndex((entry) => isSection(entry) && entry.depth <= heading.depth);
  return entries.slice(start, length < 0 ? undefined : start + 1 + length);
}

/** The slides of a section, those of the sections within it included. */
export function slidesWithin(deck: Ordered, id: SectionId): readonly Slide[] {
  return blockOf(deck, id).filter((entry): entry is Slide => !isSection(entry));
}

/** The headings a slide or section stands under, the outermost first. */
export function sectionsAround(deck: Ordered, id: SlideId | SectionId): readonly Section[] {
  const around: Section[] = [];
  for (const entry of entriesOf(deck)) {
    if (isSection(entry)) while ((around.at(-1)?.depth ?? -1) >= entry.depth) around.pop();
    if (entry.id === id) return around;
    if (isSection(entry)) around.push(entry);
  }
  return [];
}

/** What is in sight of the running order while some sections are folded: their headings, not what is in them. */
export function entriesInSight(deck: Ordered, folded: ReadonlySet<SectionId>): readonly Entry[] {
  const hidden = new Set<string>();
  for (const id of folded) for (const entry of blockOf(deck, id).slice(1)) hidden.add(entry.id);
  return entriesOf(deck).filter((entry) => !hidden.has(entry.id));
}

/** The number shown on a slide: its place among the slides of the show; `null` where none is shown. */
export function numberOf(deck: Ordered, id: SlideId): number | null {
  const slide = deck.slides[id];
  if (!slide?.numbered || slide.leftOut) return null;
  const entries = entriesOf(deck);
  const known = places.get(entries);
  if (known) return known.get(id) ?? null;
  const shown = entries.filter((entry) => !isSection(entry) && !entry.leftOut);
  const counted = new Map(shown.map((entry, at) => [entry.id, at + 1] as const));
  places.set(entries, counted);
  return counted.get(id) ?? null;
}

/** The places of the show's slides, worked out once for each running order. */
const places = new WeakMap<readonly Entry[], ReadonlyMap<string, number>>();
