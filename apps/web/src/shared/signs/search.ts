/** Finding signs and stickers by what they show. */

/** Something that can be found. */
export interface Findable {
  readonly shows: string;
  /** Other words for it. */
  readonly tags: readonly string[];
}

/** Those that every typed word begins a word of, the ones whose own name it is in first. */
export function find<T extends Findable>(all: readonly T[], typed: string): readonly T[] {
  const wanted = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return all;
  const begins = (text: string, word: string) => text.split(/[\s-]+/).some((part) => part.startsWith(word));
  const matches = all.flatMap((each) => {
    const inName = wanted.filter((word) => begins(each.shows.toLowerCase(), word)).length;
    const isThere = wanted.every(
      (word) => begins(each.shows.toLowerCase(), word) || each.tags.some((tag) => begins(tag.toLowerCase(), word)),
    );
    return isThere ? [{ each, inName, isIt: each.shows.toLowerCase() === wanted.join(' ') }] : [];
  });
  return matches
    .sort((a, b) => Number(b.isIt) - Number(a.isIt) || b.inName - a.inName || a.each.shows.length - b.each.shows.length)
    .map(({ each }) => each);
}
