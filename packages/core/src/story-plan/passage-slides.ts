/** Which slide each passage of a plan has already, and where the new ones come in the running order. */
import { type Deck, entriesOf, ranksBetween, type Slide, type SlideId } from '../deck/index.js';
import { comparable, type Passage } from './plan.js';

/** The slide of each passage: by its name, else by its number while the slide that had it has no passage by name. */
export function matchPassages(slides: readonly Slide[], passages: readonly Passage[]): readonly (Slide | null)[] {
  const byName = new Map<string, Slide[]>();
  for (const slide of slides) {
    const known = byName.get(comparable(slide.name));
    if (known) known.push(slide);
    else byName.set(comparable(slide.name), [slide]);
  }
  const taken = new Set<SlideId>();
  const take = (slide: Slide | undefined): Slide | null => {
    if (!slide || taken.has(slide.id)) return null;
    taken.add(slide.id);
    return slide;
  };
  const named = passages.map(({ name }) =>
    name === '' ? null : take(byName.get(comparable(name))?.find((slide) => !taken.has(slide.id))),
  );
  return named.map((slide, place) => slide ?? take(slides[(passages[place]?.number ?? 0) - 1]));
}

/** Ranks of the new slides: after the slide of the passage before them. */
export function ranksFor(deck: Deck, match: readonly (Slide | null)[]): readonly (string | null)[] {
  const entries = entriesOf(deck);
  const places = new Map(entries.map(({ id }, place) => [id, place] as const));
  const ranks: (string | null)[] = [];
  for (let place = 0; place < match.length;) {
    if (match[place]) {
      ranks.push(null);
      place += 1;
      continue;
    }
    let end = place;
    while (end < match.length && !match[end]) end += 1;
    const before = match.slice(0, place).findLast((slide) => slide !== null) ?? null;
    const at = before ? (places.get(before.id) ?? -1) : match.some((slide) => slide !== null) ? -1 : entries.length - 1;
    ranks.push(...ranksBetween(entries[at]?.rank ?? null, entries[at + 1]?.rank ?? null, end - place));
    place = end;
  }
  return ranks;
}
