/** What a number that was read is worth in the first unit of its question. */
import type { MeasuringUnit } from '../../deck/index.js';
import type { NumberRead } from './read-number.js';

/** A number as it counts. */
interface Measured {
  /** All it can mean, in the first unit. */
  readonly values: readonly number[];
  /** Whether a unit was written that counts. */
  readonly hasUnit: boolean;
}

/**
 * A number in the first unit; `null` when its unit is none that counts. Where no unit is wanted, words behind a number
 * are let be, and per cent are hundredths, or as many as they are.
 */
export function inFirstUnit({ values, unit }: NumberRead, units: readonly MeasuringUnit[]): Measured | null {
  if (unit === '') return { values, hasUnit: false };
  const wanted = plain(unit);
  const found =
    units.find(({ name }) => plain(name) === wanted) ??
    units.find(({ name }) => plain(name).toLowerCase() === wanted.toLowerCase());
  if (found) return { values: values.map((value) => value * found.worth), hasUnit: true };
  if (units.length > 0) return null;
  // Where no unit is wanted, 50 % is a half, and 50 where per cent were asked for.
  return { values: wanted === '%' ? values.flatMap((value) => [value / 100, value]) : values, hasUnit: false };
}

function plain(name: string): string {
  return name.normalize('NFKC').replace(/\s+/g, '').replace(/\.$/, '');
}
