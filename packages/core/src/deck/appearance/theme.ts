/** Themes: the colours and fonts a deck goes by. What is coloured by name follows when the theme changes. */
import { type ColourName, colourNames, isColourName } from './colour-names.js';
import { type FontName, isFontName } from '../text/fonts.js';
import { type Fields, readFields, readOneOf, readString } from '../model/reading.js';
import { readTextStyles, type TextStyles, USUAL_STYLES } from '../text/text-style.js';

/** What a theme draws on the ground of slides that have no ground of their own. */
export const backdropNames = ['plain', 'band', 'foot', 'corner', 'dots', 'waves'] as const;

/** What a theme draws on the ground of slides that have no ground of their own. */
export type BackdropName = (typeof backdropNames)[number];

/** A theme; colours as `#rrggbb`. */
export interface Theme {
  readonly name: string;
  readonly colours: Readonly<Record<ColourName, string>>;
  readonly headingFont: FontName;
  readonly textFont: FontName;
  readonly styles: TextStyles;
  readonly backdrop: BackdropName;
}

function theme(
  name: string,
  [ground, words, soft, accent, second, third]: readonly [string, string, string, string, string, string],
  headingFont: FontName = 'heading',
  textFont: FontName = 'text',
  backdrop: BackdropName = 'plain',
  styles: TextStyles = USUAL_STYLES,
): Theme {
  return { name, colours: { ground, words, soft, accent, second, third }, headingFont, textFont, styles, backdrop };
}

/** The theme of a new deck. */
export const NOTEBOOK = theme('Notebook', ['#fffcf5', '#1d2b2a', '#4a5957', '#0f5c5a', '#a84226', '#3d4e8a']);

/** The themes that come along, the usual one first. */
export const themes: readonly Theme[] = [
  NOTEBOOK,
  theme('Saltmarsh', ['#eaf1ef', '#16302f', '#45605d', '#1f6a4d', '#8a5a00', '#3d4e8a'], 'rounded', 'rounded', 'waves'),
  theme('Dusk', ['#262b4f', '#fff3d6', '#d3cbe0', '#ffc46b', '#ff9f80', '#9fd8cf'], 'heading', 'text', 'corner'),
  theme('Slate', ['#22302e', '#f3efe2', '#c2cdc4', '#f2d06b', '#8fd3b6', '#f0a58a'], 'handwriting', 'wide', 'foot', {
    ...USUAL_STYLES,
    title: { ...USUAL_STYLES.title, size: 64 },
  }),
  theme('Press', ['#ffffff', '#111111', '#4d4d4d', '#8c1c13', '#1f3c88', '#20603d'], 'serif', 'serif', 'band'),
  theme('Dune', ['#f7ecd6', '#3a2a18', '#6b543a', '#8f3b1b', '#2f5d62', '#6a3d6e'], 'serif', 'text', 'corner'),
  theme('Rock pool', ['#e3f2f7', '#0e2a3b', '#3d5a6b', '#0b5f8a', '#a03560', '#2f6b3a'], 'rounded', 'wide', 'waves'),
  theme('Lantern', ['#1c1713', '#fbeed9', '#cdbba2', '#ffb454', '#f28b6c', '#a8c97f'], 'heading', 'wide', 'corner'),
  theme('Workshop', ['#fbfbfd', '#20232b', '#525866', '#5a32a3', '#b3261e', '#00696b'], 'mono', 'text', 'dots'),
  theme('Heather', ['#f6eef7', '#2e1f36', '#5f4d69', '#7a2f8a', '#2f6070', '#8a4b12'], 'heading', 'rounded', 'foot'),
];

/** A colour as `#rrggbb` or `transparent`, with the theme's names looked up. */
export function colourIn(of: Theme, colour: string): string {
  return isColourName(colour) ? of.colours[colour] : colour;
}

/** Whether two themes look the same. */
export function isSameTheme(a: Theme, b: Theme): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b);
}

/** A theme from untrusted JSON; what is missing is as in the usual one. */
export function readTheme(value: unknown): Theme {
  const fields = readFields(value);
  const colours = readFields(fields?.['colours']);
  const font = (name: string, usual: FontName) => (isFontName(fields?.[name]) ? fields[name] : usual);
  return {
    name: readString(fields?.['name'], NOTEBOOK.name, 80),
    colours: { ...NOTEBOOK.colours, ...Object.fromEntries(colourNames.map((name) => [name, readHex(colours, name)])) },
    headingFont: font('headingFont', NOTEBOOK.headingFont),
    textFont: font('textFont', NOTEBOOK.textFont),
    styles: readTextStyles(fields?.['styles']),
    backdrop: readOneOf(fields?.['backdrop'], backdropNames, 'plain'),
  };
}

function readHex(colours: Fields | null, name: ColourName): string {
  const value = colours?.[name];
  return typeof value === 'string' && /^#[0-9a-f]{6}$/i.test(value) ? value.toLowerCase() : NOTEBOOK.colours[name];
}

/**
 * How far two colours stand apart, from 1 (the same) to 21 (black on white): the contrast ratio of WCAG 2.2, by its
 * relative luminance (https://www.w3.org/TR/WCAG22/#dfn-contrast-ratio). Both as `#rrggbb`.
 */
export function contrastOf(a: string, b: string): number {
  const [one, other] = [luminance(a), luminance(b)];
  return (Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05);
}

function luminance(colour: string): number {
  const part = (from: number) => {
    const share = parseInt(colour.slice(from, from + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * part(1) + 0.7152 * part(3) + 0.0722 * part(5);
}
