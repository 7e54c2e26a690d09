/** The families that our fonts are called in files, and which of ours is nearest to a family from elsewhere. */
import { type FontName, fontNames } from '../../deck/index.js';

/** The family of each font, as its files call it. */
export const FONT_FAMILIES: Readonly<Record<FontName, string>> = {
  text: 'Atkinson Hyperlegible Next',
  heading: 'Bricolage Grotesque',
  serif: 'Source Serif 4',
  rounded: 'Nunito',
  handwriting: 'Caveat',
  mono: 'JetBrains Mono',
  wide: 'Noto Sans',
};

/** What the letters of a family are like, by words in its name. */
const kinds: readonly (readonly [RegExp, FontName])[] = [
  [/mono|courier|console|code|typewriter/i, 'mono'],
  [/hand|script|brush|comic|marker|chalk|casual|cursive/i, 'handwriting'],
  [/round/i, 'rounded'],
  [/sans|grotesk|grotesque|gothic/i, 'text'],
  [
    /serif|times|roman|garamond|georgia|book|antiqua|palat|century|didot|bodoni|slab|caslon|baskerville|minion/i,
    'serif',
  ],
];

/** The font that a family is, or comes nearest to; `isOurs` where it is that font itself. */
export function fontOf(family: string): { readonly font: FontName; readonly isOurs: boolean } {
  const wanted = family
    .trim()
    .replace(/ variable$/i, '')
    .toLowerCase();
  const ours = fontNames.find((name) => FONT_FAMILIES[name].toLowerCase() === wanted);
  if (ours) return { font: ours, isOurs: true };
  return { font: kinds.find(([says]) => says.test(family))?.[1] ?? 'text', isOurs: false };
}
