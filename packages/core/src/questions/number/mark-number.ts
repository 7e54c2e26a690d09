/** Marking a number: near enough to the key, in a unit that counts. */
import type { NumberItem } from '../../deck/index.js';
import type { Work } from '../../work/index.js';
import { emptyMark, type Mark, markOf } from '../mark.js';
import { READ_BY_PERSON, type Rule } from '../rule.js';
import { wordsGiven } from '../words-given.js';
import { inFirstUnit } from './in-first-unit.js';
import { readNumbers } from './read-number.js';

/** What floating point may be off, as a share of the key. */
const ROUNDING = 1e-9;

/**
 * All points for a number within the tolerance; half of them when only a unit that is needed is missing; `null` without
 * a key.
 */
export function markNumber(item: NumberItem, work: Work): Mark | null {
  const { right, points } = item;
  if (right === null) return null;
  const typed = wordsGiven(work, item.id);
  if (typed.trim() === '') return emptyMark(points, { code: 'nothing-written' });
  const read = readNumbers(typed);
  const key = keyOf(item);
  if (!read) return markOf(0, points, { code: 'no-number', key });
  if (read.isFraction && !item.fractions) return markOf(0, points, { code: 'no-fraction', key });
  const measured = inFirstUnit(read, item.units);
  if (!measured) return markOf(0, points, { code: 'no-such-unit', unit: read.unit, key });
  const room = item.tolerance * (item.toleranceIs === 'relative' ? Math.abs(right) : 1) + Math.abs(right) * ROUNDING;
  const isNear = measured.values.some((value) => Math.abs(value - right) <= room);
  if (!isNear) return markOf(0, points, { code: 'key', key });
  if (!measured.hasUnit && item.unitNeeded && item.units.length > 0) {
    return markOf(0.5, points, { code: 'unit-missing', key });
  }
  return markOf(1, points, { code: 'right-number' });
}

/** How a number is marked. */
export function ruleForNumber(item: NumberItem): Rule {
  if (item.right === null) return READ_BY_PERSON;
  const half = item.unitNeeded && item.units.length > 0;
  if (item.tolerance === 0) return { code: 'number', half };
  return { code: 'number-within', tolerance: toleranceOf(item), key: keyOf(item), half };
}

function toleranceOf({ tolerance, toleranceIs, units }: NumberItem): string {
  if (toleranceIs === 'relative') return `${Math.round(tolerance * 1e6) / 1e4} %`;
  return [tolerance, units[0]?.name ?? ''].join(' ').trim();
}

function keyOf({ right, units }: NumberItem): string {
  return [right, units[0]?.name ?? ''].join(' ').trim();
}
