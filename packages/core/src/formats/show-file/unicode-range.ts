/** The letters a font file is for, as style sheets say it (CSS Fonts 4, `unicode-range`). */

/** Whether any of some letters is in a range such as `U+0-FF, U+4??`; everything is where nothing is said. */
export function isInRange(range: string, letters: Iterable<string>): boolean {
  const spans = range
    .split(',')
    .map((part) => spanOf(part.trim()))
    .filter((span) => span !== null);
  if (spans.length === 0) return true;
  for (const letter of letters) {
    const at = letter.codePointAt(0) ?? 0;
    if (spans.some(([first, last]) => at >= first && at <= last)) return true;
  }
  return false;
}

function spanOf(part: string): readonly [number, number] | null {
  const [, first = '', last] = /^U\+([0-9A-F]*\?*)(?:-([0-9A-F]+))?$/i.exec(part) ?? [];
  if (first === '') return null;
  const from = Number.parseInt(first.replaceAll('?', '0'), 16);
  return [from, Number.parseInt(last ?? first.replaceAll('?', 'F'), 16)];
}
