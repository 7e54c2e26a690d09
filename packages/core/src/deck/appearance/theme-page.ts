/** Title and section slides of a theme: colours of their own, and where their words stand, clear of what is drawn there. */
import type { Box } from '../../geometry/index.js';
import { type Fields, readFields, readNumber, readOneOf } from '../model/reading.js';
import type { LayoutName } from '../model/slide.js';
import { type ColourName, colourNames } from './colour-names.js';

/** The six colours of a theme, as `#rrggbb`. */
export type ThemeColours = Readonly<Record<ColourName, string>>;

/** The slides that a theme tells apart. */
export type PageName = 'text' | PageOfItsOwn;

/** The slides that have colours of their own. */
export type PageOfItsOwn = 'title' | 'section';

/** What a theme says of title or section slides; places in parts of the slide's width and height. */
export interface ThemePage {
  readonly colours: ThemeColours;
  readonly title: Box;
  readonly subtitle: Box;
  readonly align: 'left' | 'center';
}

/** What a theme says of title and of section slides. */
export type ThemePages = Readonly<Record<PageOfItsOwn, ThemePage>>;

/** Where the words of title and section slides stand when a theme does not say. */
export const USUAL_PLACES: Readonly<Record<PageOfItsOwn, Omit<ThemePage, 'colours'>>> = {
  title: {
    title: { x: 0.09, y: 0.32, width: 0.82, height: 0.2 },
    subtitle: { x: 0.09, y: 0.54, width: 0.82, height: 0.12 },
    align: 'left',
  },
  section: {
    title: { x: 0.09, y: 0.36, width: 0.82, height: 0.2 },
    subtitle: { x: 0.09, y: 0.58, width: 0.82, height: 0.12 },
    align: 'left',
  },
};

/** Which of a theme's pages a slide of a layout is. */
export function pageOf(layout: LayoutName): PageName {
  return layout === 'title' || layout === 'section' ? layout : 'text';
}

/** Six colours from untrusted JSON; what is missing is as in others. */
export function readThemeColours(value: unknown, usual: ThemeColours): ThemeColours {
  const fields = readFields(value);
  return { ...usual, ...Object.fromEntries(colourNames.map((name) => [name, readHex(fields, name, usual[name])])) };
}

function readHex(colours: Fields | null, name: ColourName, usual: string): string {
  const value = colours?.[name];
  return typeof value === 'string' && /^#[0-9a-f]{6}$/i.test(value) ? value.toLowerCase() : usual;
}

/** The pages of a theme from untrusted JSON; without any, title and section slides are coloured as all others. */
export function readThemePages(value: unknown, colours: ThemeColours): ThemePages {
  const fields = readFields(value);
  const page = (name: PageOfItsOwn): ThemePage => {
    const given = readFields(fields?.[name]);
    const usual = USUAL_PLACES[name];
    return {
      colours: readThemeColours(given?.['colours'], colours),
      title: readPlace(given?.['title'], usual.title),
      subtitle: readPlace(given?.['subtitle'], usual.subtitle),
      align: readOneOf(given?.['align'], ['left', 'center'], usual.align),
    };
  };
  return { title: page('title'), section: page('section') };
}

function readPlace(value: unknown, usual: Box): Box {
  const fields = readFields(value);
  const part = (name: keyof Box) => readNumber(fields?.[name], usual[name], 0, 1);
  return { x: part('x'), y: part('y'), width: part('width'), height: part('height') };
}
