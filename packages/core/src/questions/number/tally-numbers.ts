/** Numbers that many students gave: their spread, and those that lie far outside of it. */
import type { NumberItem } from '../../deck/index.js';
import type { Work } from '../../work/index.js';
import { wordsGiven } from '../words-given.js';
import { inFirstUnit } from './in-first-unit.js';
import { readNumbers } from './read-number.js';

/** The spread of numbers; all `NaN` but for the counts when there is none. */
export interface Spread {
  readonly count: number;
  readonly least: number;
  readonly lowerQuartile: number;
  readonly median: number;
  readonly upperQuartile: number;
  readonly most: number;
  /**
   * Beyond one and a half times the distance of the quartiles from them (Tukey 1977, chapter 2). What several gave is an
   * answer, and not far outside; where the quartiles are one number, only what is more than as much again is.
   */
  readonly outliers: readonly number[];
}

/** As many as give the same number at the most, for it to be far outside: so many, or this share of all. */
const ALONE = { count: 2, share: 0.05 } as const;

/** The spread of numbers; quartiles as in the NIST/SEMATECH e-Handbook, 7.2.6.2: at the place p (n + 1). */
export function spreadOf(numbers: readonly number[]): Spread {
  const sorted = [...numbers].sort((a, b) => a - b);
  const at = (share: number) => {
    const place = Math.min(Math.max(share * (sorted.length + 1), 1), sorted.length);
    const low = sorted[Math.floor(place) - 1] ?? NaN;
    const high = sorted[Math.ceil(place) - 1] ?? NaN;
    return low + (place - Math.floor(place)) * (high - low);
  };
  const [lowerQuartile, median, upperQuartile] = [at(0.25), at(0.5), at(0.75)];
  const apart = upperQuartile - lowerQuartile;
  const fence = apart > 0 ? 1.5 * apart : Math.abs(median);
  const most = Math.max(ALONE.count, ALONE.share * sorted.length);
  const isAlone = (value: number) => sorted.filter((other) => other === value).length <= most;
  return {
    count: sorted.length,
    least: sorted[0] ?? NaN,
    lowerQuartile,
    median,
    upperQuartile,
    most: sorted.at(-1) ?? NaN,
    outliers: sorted.filter(
      (value) => (value < lowerQuartile - fence || value > upperQuartile + fence) && isAlone(value),
    ),
  };
}

/** The numbers given, each in the first unit, and what could not be read. */
export interface NumberTally {
  readonly spread: Spread;
  readonly numbers: readonly number[];
  readonly unread: readonly string[];
}

/** Of two numbers that one writing can mean, the one that is nearer to the middle of the others is meant. */
export function tallyNumbers(item: NumberItem, works: readonly Work[]): NumberTally {
  const written = works.map((work) => wordsGiven(work, item.id)).filter((text) => text.trim() !== '');
  const read = written.map((text) => {
    const number = readNumbers(text);
    return { text, values: (number && inFirstUnit(number, item.units)?.values) ?? null };
  });
  const meant = read.flatMap(({ values }) => (values ? [values] : []));
  const { median } = spreadOf(meant.map(([first = 0]) => first));
  const nearest = (values: readonly number[]) =>
    values.reduce((best, value) => (Math.abs(value - median) < Math.abs(best - median) ? value : best));
  const numbers = meant.map(nearest).sort((a, b) => a - b);
  const unread = read.flatMap(({ text, values }) => (values ? [] : [text])).sort();
  return { spread: spreadOf(numbers), numbers, unread };
}
