/**
 * Reading a number as people write it: with a decimal point or comma, thousands apart, as a fraction, as a power or with
 * one of ten behind it, with a unit. Where one writing can mean two numbers ("1.234"), both are read. What is a sum, a
 * product, a ratio or a time is no number.
 */

/** What was read. */
export interface NumberRead {
  /** All it can mean; one number but for a single point or comma before just three digits. */
  readonly values: readonly number[];
  /** Whatever stands behind it; '' for nothing. */
  readonly unit: string;
  readonly isFraction: boolean;
}

const SPACES = /[\s\u00a0\u2009\u202f']/g;
const NUMBER = /^([+-]?)(\d[\d.,\s\u00a0\u2009\u202f']*|[.,]\d+)(?:e([+-]?\d{1,3})(?![\d.,]))?/i;
const FRACTION = /^([+-]?)(?:(\d{1,9})\s+)?(\d{1,9})\s*\/\s*(\d{1,9})(?![\d.,])/;
/** A power behind figures ("2^3"), and figures times a power of ten ("6,02 × 10^23"). */
const POWER = /^\^\s*([+-]?\d{1,3})(?![\d.,])/;
const TIMES_TEN = /^\s*[×x*·⋅]\s*10\s*\^\s*([+-]?\d{1,3})(?![\d.,])/i;
/** A unit: words, signs of money and measure, and powers behind a letter ("m/s", "m2", "kg·m^-1"). */
const UNIT = /^(?:[\p{L}°%‰′″'"$€£¥µ][\p{L}\p{M}\d°%‰′″'".\s()/·⋅^-]*)?$/u;
/** More letters than any number needs. */
const MOST = 200;

/** The number at the start of some words; `null` when there is none, or when something follows that is no unit. */
export function readNumbers(words: string): NumberRead | null {
  if (words.length > MOST) return null;
  const plain = plainDigits(words).trim();
  const fraction = FRACTION.exec(plain);
  if (fraction) {
    const [all, sign, whole = '0', above = '', below = ''] = fraction;
    const value = Number(whole) + Number(above) / Number(below);
    return Number(below) === 0 ? null : finished([sign === '-' ? -value : value], plain.slice(all.length), true);
  }
  const match = NUMBER.exec(plain);
  if (!match) return null;
  const [all, sign, figures = '', exponent = '0'] = match;
  const read = readFigures(figures.trim().replace(/[.,]+$/, ''));
  if (read.length === 0) return null;
  const signed = (value: number) => (sign === '-' ? -value : value);
  const behind = plain.slice(all.length);
  const [power, ten] = [POWER.exec(behind), TIMES_TEN.exec(behind)];
  if (power) {
    const raised = read.map((value) => signed(value ** Number(power[1])));
    return finished(raised, behind.slice(power[0].length), false);
  }
  const shift = Number(exponent) + Number(ten?.[1] ?? 0);
  // Figures times a power of ten have one before the point: there are no thousands among them.
  const meant = shift === 0 ? read : [Math.min(...read)];
  return finished(
    meant.map((value) => signed(shifted(value, shift))),
    ten ? behind.slice(ten[0].length) : behind,
    false,
  );
}

/** A number with its point moved: as it would be written, so that 6.022e23 is that number and none beside it. */
function shifted(value: number, places: number): number {
  return places === 0 ? value : Number(`${value}e${places}`) || value * 10 ** places;
}

function finished(values: readonly number[], behind: string, isFraction: boolean): NumberRead | null {
  const unit = behind.trim();
  if (!values.every(Number.isFinite) || !UNIT.test(unit) || /\s\d/.test(unit)) return null;
  return { values, unit, isFraction };
}

const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** Signs, digits of other scripts and written fractions as a keyboard has them: "1½" becomes "1 1/2", "10³" "10^3". */
function plainDigits(words: string): string {
  return words
    .replace(/(\d)([⁻⁺]?)([⁰¹²³⁴-⁹]+)/g, (_all, digit: string, sign: string, raised: string) => {
      const figures = [...raised].map((each) => RAISED.indexOf(each)).join('');
      return `${digit}^${sign === '⁻' ? '-' : ''}${figures}`;
    })
    .replace(/[¼-¾⅐-⅞↉]/g, (sign) => ` ${sign.normalize('NFKC')}`)
    .normalize('NFKC')
    .replace(/[٠-٩۰-۹]/g, (digit) => String((digit.codePointAt(0) ?? 0) & 0xf))
    .replace(/⁄/g, '/')
    .replace(/[−–]/g, '-')
    .replace(/^\s*([+-])\s+/, '$1');
}

/** All that figures with points, commas and spaces can mean. */
function readFigures(figures: string): readonly number[] {
  const marks = [...figures.replace(/\d/g, '')].filter((mark) => mark === '.' || mark === ',');
  const spaced = /[\s\u00a0\u2009\u202f']/.test(figures);
  const last = marks.at(-1);
  if (spaced && !/^\d{1,3}(?:[\s\u00a0\u2009\u202f']\d{3})+(?:[.,]\d*)?$/.test(figures)) return [];
  const bare = figures.replace(SPACES, '');
  if (last === undefined) return [Number(bare)];
  const decimal = () => {
    const cut = bare.lastIndexOf(last);
    return Number(`${bare.slice(0, cut).replace(/[.,]/g, '')}.${bare.slice(cut + 1)}`);
  };
  const isGrouped = (group: string) => {
    const [head = '', ...groups] = group.split(/[.,]/);
    return /^\d{1,3}$/.test(head) && groups.length > 0 && groups.every((each) => /^\d{3}$/.test(each));
  };
  const isMixed = new Set(marks).size > 1;
  if (isMixed) {
    const cut = bare.lastIndexOf(last);
    return marks.indexOf(last) === marks.length - 1 && isGrouped(bare.slice(0, cut)) ? [decimal()] : [];
  }
  if (marks.length > 1) return isGrouped(bare) ? [Number(bare.replace(/[.,]/g, ''))] : [];
  if (spaced || !isGrouped(bare) || bare.startsWith('0')) return [decimal()];
  // A comma before three digits is more often between thousands, a point more often between whole and parts.
  const grouped = Number(bare.replace(/[.,]/g, ''));
  return last === ',' ? [grouped, decimal()] : [decimal(), grouped];
}
