/** How many years at school a text asks of its readers, by language. */

/** The fewest words of which anything can be said. */
const FEWEST = 12;

/** What a text is made of. */
interface Counted {
  readonly words: number;
  readonly sentences: number;
  readonly syllables: number;
  /** Words of three syllables and more. */
  readonly long: number;
}

/** The measure of each language, and its vowels, by which syllables are counted. */
const measures: Readonly<Record<string, { readonly vowels: RegExp; readonly years: (counted: Counted) => number }>> = {
  en: {
    // A silent e at the end of a word is no syllable of its own.
    vowels: /[aeiouy]+(?![aeiouy])(?<!(?<=[^aeiouyl\s])e(?=\b))/gi,
    years: ({ words, sentences, syllables }) => 0.39 * (words / sentences) + 11.8 * (syllables / words) - 15.59,
  },
  es: {
    // Two strong vowels, and a stressed weak one beside a strong one, are two syllables.
    vowels: /[iuü]?[aeoáéó](?:[iuy](?![aeoáéó]))?|[íú]|[iuüy]+/gi,
    years: ({ words, sentences, syllables }) =>
      -0.205 * ((100 * sentences) / words) + 0.049 * ((100 * syllables) / words) - 3.407,
  },
  de: {
    vowels: /(?:ei|ai|au|eu|äu|ie|[aeiouyäöü])/gi,
    years: ({ words, sentences, long }) => 0.2656 * (words / sentences) + 0.2744 * ((100 * long) / words) - 1.693,
  },
};

/**
 * The years at school that a text asks for; `null` where its language has no measure here, or it is too short. By
 * Flesch and Kincaid (1975) for English, Crawford (1989) for Spanish, the fourth Wiener Sachtextformel (1984) for German.
 * @param language as in BCP 47
 */
export function yearsToRead(text: string, language: string): number | null {
  const measure = measures[language.split('-')[0] ?? ''];
  const words = text.match(/\p{L}[\p{L}’'-]*/gu) ?? [];
  if (!measure || words.length < FEWEST) return null;
  const sentences = Math.max(1, text.split(/[.!?…:]+(?:\s|$)|\n+/u).filter((part) => /\p{L}/u.test(part)).length);
  const counts = words.map((word) => Math.max(1, word.match(measure.vowels)?.length ?? 1));
  return measure.years({
    words: words.length,
    sentences,
    syllables: counts.reduce((sum, count) => sum + count, 0),
    long: counts.filter((count) => count >= 3).length,
  });
}
