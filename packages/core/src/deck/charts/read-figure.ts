/** Figures as people write them into tables. */

/** A sign, digits in groups, and a fraction; before and behind it at most a few letters of a unit. */
const FIGURE = /^[^\d+\-−.,]{0,12}([+\-−]?)(\d+(?:[\s'’]\d{3}(?!\d)|[.,]\d+)*)\s*[^\d]{0,12}$/u;

/**
 * Reads a figure; `null` where there is none. Spaces and apostrophes group digits. Of points and commas the last one begins
 * the fraction, but where several are alike, or where one stands before three digits after at most three others that do
 * not begin with a nought (12,500): then they group.
 */
export function readFigure(words: string): number | null {
  const [, sign = '', digits = ''] = FIGURE.exec(words.trim()) ?? [];
  if (digits === '') return null;
  const plain = digits.replaceAll(/[\s'’]/g, '');
  const marks = plain.match(/[.,]/g) ?? [];
  const last = marks.at(-1);
  const isMixed = new Set(marks).size > 1;
  const groups = !isMixed && (marks.length > 1 || /^[1-9]\d{0,2},\d{3}$/.test(plain));
  const at = last === undefined || groups ? -1 : plain.lastIndexOf(last);
  const whole = (at < 0 ? plain : plain.slice(0, at)).replaceAll(/[.,]/g, '');
  const figure = Number(at < 0 ? whole : `${whole}.${plain.slice(at + 1)}`);
  return Number.isFinite(figure) ? figure * (sign === '-' || sign === '−' ? -1 : 1) : null;
}
