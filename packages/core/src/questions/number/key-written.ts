/** A key as its author writes it: a number and, behind it, the unit it is in. */
import type { NumberItem } from '../../deck/index.js';
import { inFirstUnit } from './in-first-unit.js';
import { readNumbers } from './read-number.js';

/** The fields that hold a key. */
export type NumberKey = Pick<NumberItem, 'right' | 'units'>;

/**
 * The key that was written. A unit that counts already is worked out in the first one; another one becomes the first, as
 * the key is in it. Where two numbers can be meant, the one that the question has stays. What cannot be read changes nothing.
 */
export function keyWritten({ right, units }: NumberKey, text: string): NumberKey {
  if (text.trim() === '') return { right: null, units };
  const read = readNumbers(text);
  if (!read) return { right, units };
  const known = units.length > 0 ? inFirstUnit(read, units) : null;
  const isNew = read.unit !== '' && !known?.hasUnit;
  const values = isNew ? read.values : (known?.values ?? read.values);
  return {
    right: right !== null && values.includes(right) ? right : (values[0] ?? null),
    units: isNew ? [{ name: read.unit, worth: 1 }, ...units.filter(({ name }) => name !== read.unit)] : units,
  };
}
