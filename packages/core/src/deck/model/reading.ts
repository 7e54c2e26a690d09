/** Reading values nobody vouches for: each function returns a value of its type, or the fallback. */

/** An object whose fields are still unknown. */
export type Fields = Readonly<Record<string, unknown>>;

/** `value` as an object with unknown fields, or `null`. */
export function readFields(value: unknown): Fields | null {
  return isFields(value) ? value : null;
}

export function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Whether a value is one of a closed list. */
export function isOneOf<T>(value: unknown, list: readonly T[]): value is T {
  return list.some((each) => each === value);
}

/** The names of a table whose names are all known: of one that was written down, not of one that is filled as it comes. */
export function namesIn<Table extends object>(table: Table): readonly (keyof Table & string)[] {
  return Object.keys(table).filter((name): name is keyof Table & string => Object.hasOwn(table, name));
}

/** What no database and no file of Unicode text can hold: NUL, and halves of surrogate pairs. */
const UNSTORABLE = /[\0\p{Surrogate}]/gu;

/** A text without what cannot be stored anywhere: NUL and halves of surrogate pairs. */
export function storableText(text: string): string {
  return text.replace(UNSTORABLE, '');
}

/** The beginning of a text, at most `longest` UTF-16 units of it; a letter of two units is never cut in half. */
export function cutText(text: string, longest: number): string {
  return text.length > longest ? storableText(text.slice(0, longest)) : text;
}

/** A string of at most `longest` UTF-16 units that can be stored; a longer one is cut between letters. */
export function readString(value: unknown, fallback: string, longest = 1000): string {
  return typeof value === 'string' ? storableText(value.slice(0, longest)) : fallback;
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
  return isOneOf(value, words) ? value : fallback;
}

/** Those of a closed list of words that a list names, each once, in the order of the closed list. */
export function readNames<T extends string>(value: unknown, words: readonly T[]): readonly T[] {
  return Array.isArray(value) ? words.filter((word) => value.includes(word)) : [];
}

/** The strings of a list, each cut to `longest`, at most `most` of them. */
export function readStrings(value: unknown, longest = 200, most = 200): readonly string[] {
  if (!Array.isArray(value)) return [];
  return value
    .filter((entry): entry is string => typeof entry === 'string')
    .slice(0, most)
    .map((entry) => readString(entry, '', longest));
}
