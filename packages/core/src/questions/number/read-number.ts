/**
 * Reading a number as people write it: with a decimal point or comma, thousands apart, as a fraction, with a unit
 * behind it. Where one writing can mean two numbers ("1.234"), both are read.
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
const NUMBER = /^([+-]?)(\d[\d.,\s\u00a0\u2009\u202f']*|[.,]\d+)(?:e([+-]?\d{1,3}))?/i;
const FRACTION = /^([+-]?)(?:(\d{1,9})\s+)?(\d{1,9})\s*\/\s*(\d{1,9})(?![\d.,])/;
/** More letters than any number needs. */
const MOST = 200;

/** The number at the start of some words; `null` when there is none, or when a second one follows. */
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
  const factor = (sign === '-' ? -1 : 1) * 10 ** Number(exponent);
  const values = readFigures(figures.trim().replace(/[.,]+$/, '')).map((value) => value * factor);
  return values.length === 0 ? null : finished(values, plain.slice(all.length), false);
}

function finished(values: readonly number[], behind: string, isFraction: boolean): NumberRead | null {
  const unit = behind.trim();
  if (!values.every(Number.isFinite) || /^[\d/.,+-]/.test(unit) || /\s\d/.test(unit)) return null;
  return { values, unit, isFraction };
}

/** Signs, digits of other scripts and written fractions as a keyboard has them: "1½" becomes "1 1/2". */
function plainDigits(words: string): string {
  return words
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
  return !spaced && isGrouped(bare) && !bare.startsWith('0')
    ? [decimal(), Number(bare.replace(/[.,]/g, ''))]
    : [decimal()];
}
