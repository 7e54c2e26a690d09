/** Which font file a letter comes from: as the browser chooses among the faces of this page. */
import type { PageFont } from '@gobrel/core/paper';

interface Face {
  readonly family: string;
  readonly url: string;
  /** First and last code point of each stretch. */
  readonly ranges: readonly (readonly [number, number])[];
  /** The weights it can be drawn in. */
  readonly weights: readonly [number, number];
}

/** Letters of these are pictures in colours, which files do not take as letters. */
const COLOURED = 'Slide Emoji';

/** Chooses fonts for letters. */
export interface PageFonts {
  /** The font of a letter by a computed list of families; `null` where there is none to embed. */
  readonly fontFor: (letter: string, families: string, weight: number) => PageFont | null;
}

/** The fonts of this page, by its style sheets. */
export function pageFonts(): PageFonts {
  const byFamily = new Map<string, Face[]>();
  for (const face of facesOf(document)) byFamily.set(face.family, [...(byFamily.get(face.family) ?? []), face]);
  const known = new Map<string, PageFont | null>();
  return {
    fontFor(letter, families, weight) {
      const key = `${letter} ${weight} ${families}`;
      const before = known.get(key);
      if (before !== undefined) return before;
      const found = find(byFamily, letter.codePointAt(0) ?? 0, families, weight);
      known.set(key, found);
      return found;
    },
  };
}

function find(
  byFamily: ReadonlyMap<string, readonly Face[]>,
  code: number,
  families: string,
  weight: number,
): PageFont | null {
  for (const family of families.split(',').map(unquoted)) {
    const face = byFamily
      .get(family)
      ?.find(({ ranges }) => ranges.some(([first, last]) => code >= first && code <= last));
    if (!face) continue;
    if (family === COLOURED) return null;
    return { url: face.url, family, weight: Math.min(face.weights[1], Math.max(face.weights[0], weight)) };
  }
  return null;
}

function facesOf({ styleSheets }: Document): readonly Face[] {
  return [...styleSheets].flatMap((sheet) =>
    [...sheet.cssRules].flatMap((rule) => {
      if (!(rule instanceof CSSFontFaceRule)) return [];
      const said = (name: string) => rule.style.getPropertyValue(name);
      const url = /url\(["']?([^"')]+)/.exec(said('src'))?.[1];
      if (url === undefined || said('font-style') === 'italic') return [];
      const weights = said('font-weight').split(/\s+/).map(Number);
      return [
        {
          family: unquoted(said('font-family')),
          url: new URL(url, sheet.href ?? location.href).href,
          ranges: rangesOf(said('unicode-range')),
          weights: [weights[0] || 400, weights[1] ?? (weights[0] || 400)] as const,
        },
      ];
    }),
  );
}

function rangesOf(value: string): Face['ranges'] {
  if (value === '') return [[0, 0x10ffff]];
  return value.split(',').map((part) => {
    const [first = '0', last] = part.trim().replace(/^U\+/i, '').split('-');
    return [parseInt(first.replaceAll('?', '0'), 16), parseInt((last ?? first).replaceAll('?', 'F'), 16)] as const;
  });
}

function unquoted(family: string): string {
  return family.trim().replaceAll(/["']/g, '');
}
