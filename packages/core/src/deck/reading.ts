/** Reading values nobody vouches for: each function returns a value of its type, or the fallback. */

/** An object whose fields are still unknown. */
export type Fields = Readonly<Record<string, unknown>>;

/** `value` as an object with unknown fields, or `null`. */
export function readFields(value: unknown): Fields | null {
  return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Fields) : null;
}

/** A string of at most `longest` UTF-16 units; a longer one is cut. */
export function readString(value: unknown, fallback: string, longest = 1000): string {
  return typeof value === 'string' ? value.slice(0, longest) : fallback;
}

/** A finite number within `least` and `most`. */
export function readNumber(value: unknown, fallback: number, least = -1e6, most = 1e6): number {
  return typeof value === 'number' && Number.isFinite(value) ? Math.min(most, Math.max(least, value)) : fallback;
}

/** A boolean. */
export function readBoolean(value: unknown, fallback: boolean): boolean {
  return typeof value === 'boolean' ? value : fallback;
}

/** One of a closed list of words. */
export function readOneOf<T extends string | null>(value: unknown, words: readonly T[], fallback: T): T {
  return words.includes(value as T) ? (value as T) : fallback;
}

/** The strings of a list, each cut to `longest`, at most `most` of them. */
export function readStrings(value: unknown, longest = 200, most = 200): readonly string[] {
  if (!Array.isArray(value)) return [];
  return value
    .filter((entry): entry is string => typeof entry === 'string')
    .slice(0, most)
    .map((entry) => entry.slice(0, longest));
}
