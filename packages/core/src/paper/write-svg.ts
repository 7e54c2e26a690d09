/** Writes a drawn page as SVG 1.1: text stays text. */
import {
  type Colour,
  type DrawnMark,
  type DrawnPage,
  fontKey,
  fontsOf,
  inGroups,
  type Gradient,
  type Matrix,
  type PageFont,
  type RunMark,
} from './drawn-page.js';

/** What a page's SVG is made with. */
interface SvgContents {
  /** What it is called. */
  readonly title: string;
  /** A picture's address, as it shall stand in the file: usually its bytes. */
  readonly picture: (picture: string) => string;
  /** The source of a font as CSS has it; `null` where whoever reads the file has to find one. */
  readonly font: (font: PageFont) => string | null;
}

/** Slanted letters lean by this much to the right for each unit up, as browsers slant them. */
export const SLANT = 0.25;

/** A drawn page as the text of an SVG file. */
export function writeSvg(page: DrawnPage, { title, picture, font }: SvgContents): string {
  const gradients = new Map<Gradient, string>();
  const drawn = inGroups(page.marks)
    .map(({ group, marks }) => {
      const inner = marks.map((mark) => inCuts(mark.cuts, markText(mark, picture, gradients))).join('\n');
      return group === null ? inner : `<g opacity="${n(page.groups[group] ?? 1)}">${inner}</g>`;
    })
    .join('\n');
  const faces = fontsOf([page]).flatMap((each) => {
    const source = font(each);
    return source === null ? [] : [`@font-face{font-family:"${nameOfFont(each)}";font-weight:1 1000;src:${source}}`];
  });
  const cuts = page.cuts.map(
    ({ d, matrix }, at) => `<clipPath id="cut${at}"><path d="${escaped(d)}"${placed(matrix)}/></clipPath>`,
  );
  const defs = [...cuts, ...[...gradients].map(([gradient, id]) => gradientText(gradient, id))];
  const { width, height } = page;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" role="img">`,
    `<title>${escaped(title)}</title>`,
    faces.length === 0 ? '' : `<style>${faces.join('')}</style>`,
    defs.length === 0 ? '' : `<defs>${defs.join('')}</defs>`,
    drawn,
    '</svg>',
  ]
    .filter(Boolean)
    .join('\n');
}

function inCuts(cuts: readonly number[], inner: string): string {
  return cuts.reduceRight((within, cut) => `<g clip-path="url(#cut${cut})">${within}</g>`, inner);
}

function markText(mark: DrawnMark, picture: (id: string) => string, gradients: Map<Gradient, string>): string {
  const seen = mark.seen === 1 ? '' : ` opacity="${n(mark.seen)}"`;
  switch (mark.kind) {
    case 'picture': {
      const { x, y, width, height, matrix } = mark;
      const size = `x="${n(x)}" y="${n(y)}" width="${n(width)}" height="${n(height)}"`;
      return `<image ${size} preserveAspectRatio="none" href="${escaped(picture(mark.picture))}"${placed(matrix)}${seen}/>`;
    }
    case 'run':
      return `<text ${runPlace(mark)}${seen}>${escaped(mark.text)}</text>`;
    case 'path':
      return `<path d="${escaped(mark.d)}"${fillText(mark.fill, gradients)}${strokeText(mark)}${placed(mark.matrix)}${seen}/>`;
  }
}

function runPlace({ x, y, width, size, font, colour, slanted, matrix, text }: RunMark): string {
  // The place stands in the matrix, so that slanted letters lean about where they stand.
  const at = slanted
    ? ` transform="${matrixText(matrix)} translate(${n(x)} ${n(y)}) skewX(${n(-leaning())})"`
    : placed(matrix);
  const from = slanted ? 'x="0" y="0"' : `x="${n(x)}" y="${n(y)}"`;
  const fitted = [...text].length > 1 ? ` textLength="${n(width)}"` : '';
  return `${from}${fitted} font-family="${escaped(`${nameOfFont(font)}, ${font.family}`)}" font-weight="${font.weight}" font-size="${n(size)}"${colourText('fill', colour)} xml:space="preserve"${at}`;
}

/** The slant in degrees. */
function leaning(): number {
  return (Math.atan(SLANT) * 180) / Math.PI;
}

/** Each file and weight is a family of its own: files of one family share no letters. */
function nameOfFont(font: PageFont): string {
  return `f${[...fontKey(font)].reduce((hash, letter) => (hash * 31 + (letter.codePointAt(0) ?? 0)) % 1_000_000_007, 7)}`;
}

function fillText(fill: Colour | Gradient | null, gradients: Map<Gradient, string>): string {
  if (fill === null) return ' fill="none"';
  if (!('stops' in fill)) return colourText('fill', fill);
  const id = gradients.get(fill) ?? `run${gradients.size}`;
  gradients.set(fill, id);
  return ` fill="url(#${id})"`;
}

function strokeText({ stroke }: Extract<DrawnMark, { kind: 'path' }>): string {
  if (!stroke) return '';
  const dash = stroke.dash.length === 0 ? '' : ` stroke-dasharray="${stroke.dash.map(n).join(' ')}"`;
  const line = `stroke-width="${n(stroke.width)}" stroke-linecap="${stroke.cap}" stroke-linejoin="${stroke.join}"`;
  return `${colourText('stroke', stroke.colour)} ${line}${dash}`;
}

function colourText(name: 'fill' | 'stroke' | 'stop', [red, green, blue, seen]: Colour): string {
  const attribute = name === 'stop' ? 'stop-color' : name;
  const opacity = seen === 1 ? '' : ` ${name}-opacity="${n(seen)}"`;
  return ` ${attribute}="rgb(${red},${green},${blue})"${opacity}`;
}

function gradientText({ from, to, stops }: Gradient, id: string): string {
  const line = `x1="${n(from[0])}" y1="${n(from[1])}" x2="${n(to[0])}" y2="${n(to[1])}"`;
  const colours = stops.map(({ at, colour }) => `<stop offset="${n(at)}"${colourText('stop', colour)}/>`).join('');
  return `<linearGradient id="${id}" gradientUnits="userSpaceOnUse" ${line}>${colours}</linearGradient>`;
}

function placed(matrix: Matrix): string {
  return matrix.every((value, at) => value === (at === 0 || at === 3 ? 1 : 0))
    ? ''
    : ` transform="${matrixText(matrix)}"`;
}

function matrixText(matrix: Matrix): string {
  return `matrix(${matrix.map((value) => Math.round(value * 1e6) / 1e6).join(' ')})`;
}

/** A number as it is written: to a thousandth. */
function n(value: number): number {
  return Math.round(value * 1000) / 1000;
}

const signs: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

/** Words as XML has them, without what XML 1.0 cannot hold. */
function escaped(text: string): string {
  return text
    .replaceAll(/[&<>"]/g, (sign) => signs[sign] ?? sign)
    .replaceAll(/[^\P{Cc}\t\n\r]|[\uFFFE\uFFFF]|\p{Cs}/gu, '');
}
