/** Reads what stands before the points of a list, which browsers draw without an element for it. */
import { led } from '@gobrel/core/paper';
import { readColour, readLength, readUrl } from './css-values';
import { type Around, base, type PageBuilder } from './page-builder';

/** The theme's mark as the style sheet places it: size and distance in letter sizes. */
const MARK = { size: 0.66, before: 1.1 };
/** A disc as Chromium draws it: part of the letters' ascent, and its distance from the words in pixels. */
const DISC = { part: 2 / 3, away: 7 };

/** Reads the bullet or the number of a point. */
export function readBullet(
  point: HTMLLIElement,
  style: CSSStyleDeclaration,
  around: Around,
  builder: PageBuilder,
): void {
  const words = firstLineOf(point);
  const isMarked = style.listStyleType !== 'none' || getComputedStyle(point, '::before').content !== 'none';
  if (!words || !isMarked) return;
  const size = readLength(style.fontSize);
  const line = builder.within(words);
  const left = builder.within(point.getBoundingClientRect()).x;
  const list = point.parentElement;
  if (list?.tagName === 'OL') {
    const number = `${[...list.children].indexOf(point) + 1}.`;
    const font = builder.fonts.fontFor('1', style.fontFamily, Number(style.fontWeight));
    if (!font) return;
    const width = size * 0.55 * number.length;
    builder.marks.push({
      kind: 'run',
      ...base(around),
      text: number,
      x: left - width - size * 0.25,
      y: line.y + line.height * 0.77,
      width,
      size,
      font,
      colour: readColour(style.color),
      slanted: false,
    });
    return;
  }
  const drawn = getComputedStyle(point, '::before');
  const mask = drawn.content === 'none' ? null : (readUrl(drawn.maskImage) ?? readUrl(drawn.webkitMaskImage));
  if (mask === null) {
    const ascent = size * 0.95;
    const across = (ascent * DISC.part + 1) / 2;
    const [x, y] = [left - ascent * DISC.part - DISC.away, line.y + (3 * (ascent - ascent * DISC.part)) / 2];
    const r = across / 2;
    const disc = `M${x} ${y + r}a${r} ${r} 0 1 1 ${across} 0a${r} ${r} 0 1 1 ${-across} 0Z`;
    builder.path({ ...around, part: null }, disc, readColour(style.color));
    return;
  }
  const svg = new DOMParser().parseFromString(
    decodeURIComponent(mask.replace(/^data:image\/svg\+xml,/, '')),
    'image/svg+xml',
  );
  const path = svg.querySelector('path');
  const lineWidth = Number(path?.getAttribute('stroke-width') ?? 0);
  const colour = readColour(drawn.backgroundColor);
  const height = MARK.size * size;
  const x = left - MARK.before * size;
  const y = builder.within(point.getBoundingClientRect()).y + readLength(drawn.top);
  const matrix = led(around.matrix, [height / 24, 0, 0, height / 24, x, y]);
  const stroke = { colour, width: lineWidth, dash: [], cap: 'round', join: 'round' } as const;
  builder.path({ ...around, part: null }, path?.getAttribute('d') ?? '', lineWidth > 0 ? null : colour, stroke, matrix);
}

function firstLineOf(point: HTMLElement): DOMRect | null {
  const range = document.createRange();
  range.selectNodeContents(point);
  return [...range.getClientRects()].find(({ width }) => width > 0) ?? null;
}
