/** Themes: the colours and fonts a deck goes by. What is coloured by name follows when the theme changes. */
import { isColourName } from './colour-names.js';
import { type FontName, isFontName } from '../text/fonts.js';
import { readFields, readOneOf, readString } from '../model/reading.js';
import type { LayoutName } from '../model/slide.js';
import { readTextStyles, type TextStyles } from '../text/text-style.js';
import { readThemeBoxes, type ThemeBoxes } from './box-look.js';
import { bulletNames, type BulletName, readTitleMark, type TitleMark } from './theme-marks.js';
import { pageOf, readThemeColours, readThemePages, type ThemeColours, type ThemePages } from './theme-page.js';
import { readTableLook, type TableLook } from './theme-table.js';

/**
 * What a theme draws on the ground of slides that have no ground of their own. The first six are those of decks made
 * before themes had scenes of their own, which keep looking as they did.
 */
export const backdropNames = [
  'plain',
  'band',
  'foot',
  'corner',
  'dots',
  'waves',
  'notebook',
  'saltmarsh',
  'dusk',
  'slate',
  'press',
  'dune',
  'rock-pool',
  'lantern',
  'workshop',
  'heather',
] as const;

/** What a theme draws on the ground of slides that have no ground of their own. */
export type BackdropName = (typeof backdropNames)[number];

/** A theme. */
export interface Theme {
  readonly name: string;
  /** As `#rrggbb`, on all slides but titles and sections. */
  readonly colours: ThemeColours;
  readonly pages: ThemePages;
  readonly headingFont: FontName;
  readonly textFont: FontName;
  readonly styles: TextStyles;
  readonly backdrop: BackdropName;
  /** `null` for boxes as they were drawn before themes had any. */
  readonly boxes: ThemeBoxes | null;
  /** `null` for tables as each of them says itself. */
  readonly table: TableLook | null;
  /** What stands behind or under titles; `null` for nothing. */
  readonly titleMark: TitleMark | null;
  /** What stands before the points of a list. */
  readonly bullet: BulletName;
}

/** Colours and styles of a deck that says nothing of its theme: those of the first version. Never changed. */
const FIRST_COLOURS: ThemeColours = {
  ground: '#fffcf5',
  words: '#1d2b2a',
  soft: '#4a5957',
  accent: '#0f5c5a',
  second: '#a84226',
  third: '#3d4e8a',
};

/** A colour as `#rrggbb` or `transparent`, with the theme's names looked up. */
export function colourIn(of: Pick<Theme, 'colours'>, colour: string): string {
  return isColourName(colour) ? of.colours[colour] : colour;
}

/** A theme as it is on slides of a layout: with the colours that it has there. The very same value on most slides. */
export function themeOn(theme: Theme, layout: LayoutName): Theme {
  const page = pageOf(layout);
  if (page === 'text') return theme;
  const known = themesOnPages[page].get(theme);
  if (known) return known;
  const made: Theme = { ...theme, colours: theme.pages[page].colours };
  themesOnPages[page].set(theme, made);
  return made;
}

const themesOnPages = { title: new WeakMap<Theme, Theme>(), section: new WeakMap<Theme, Theme>() };

/** Whether two themes look the same. */
export function isSameTheme(a: Theme, b: Theme): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b);
}

/**
 * A theme from untrusted JSON; what is missing is as in decks of the first version, which had no more: what this gives
 * for a missing field is part of the format.
 */
export function readTheme(value: unknown): Theme {
  const fields = readFields(value);
  const font = (name: string, usual: FontName) => (isFontName(fields?.[name]) ? fields[name] : usual);
  const colours = readThemeColours(fields?.['colours'], FIRST_COLOURS);
  return {
    name: readString(fields?.['name'], 'Notebook', 80),
    colours,
    pages: readThemePages(fields?.['pages'], colours),
    headingFont: font('headingFont', 'heading'),
    textFont: font('textFont', 'text'),
    styles: readTextStyles(fields?.['styles']),
    backdrop: readOneOf(fields?.['backdrop'], backdropNames, 'plain'),
    boxes: readThemeBoxes(fields?.['boxes']),
    table: readTableLook(fields?.['table']),
    titleMark: readTitleMark(fields?.['titleMark']),
    bullet: readOneOf(fields?.['bullet'], bulletNames, 'disc'),
  };
}
