/** The theme of a presentation as one of ours: its colours, its fonts, and how its master sets titles and texts. */
import {
  isSameTheme,
  type PageOfItsOwn,
  readTheme,
  type TextStyleName,
  type Theme,
  type ThemeColours,
  themes,
} from '../../deck/index.js';
import { fontOf } from '../presentation/font-families.js';
import { childAt, childrenOf, type XmlElement } from '../xml/index.js';
import { type ColourScheme, themeColours, USUAL_MAP } from './read-colours.js';
import type { OoxmlPackage } from './read-package.js';
import { type FoundFonts, type TextAround, usualLetters } from './read-text.js';

/** What a theme of a presentation says, in its own words. */
export interface FoundTheme {
  readonly name: string;
  readonly colours: ReadonlyMap<string, string>;
  readonly fonts: FoundFonts;
}

/** Reads a theme. */
export function readThemePart(root: XmlElement | null): FoundTheme {
  const elements = childAt(root, 'a:themeElements');
  const font = (name: string) => childAt(elements, 'a:fontScheme', name, 'a:latin')?.attributes['typeface'] ?? '';
  return {
    name: root?.attributes['name'] ?? '',
    colours: readScheme(childAt(elements, 'a:clrScheme')),
    fonts: { heading: font('a:majorFont'), text: font('a:minorFont') },
  };
}

/** The colours of a scheme, by its names, as `#rrggbb`. */
export function readScheme(scheme: XmlElement | null): ReadonlyMap<string, string> {
  return new Map(
    childrenOf(scheme).flatMap((entry) => {
      const [color] = childrenOf(entry);
      const { val = '', lastClr } = color?.attributes ?? {};
      const hex = color?.name === 'a:sysClr' ? (lastClr ?? (val === 'window' ? 'ffffff' : '000000')) : val;
      return /^[\da-f]{6}$/i.test(hex) ? [[entry.name.replace(/^a:/, ''), `#${hex.toLowerCase()}`] as const] : [];
    }),
  );
}

/** What a colour map makes of each name. */
export function readMap(map: XmlElement | null): ReadonlyMap<string, string> {
  return map ? new Map([...USUAL_MAP, ...Object.entries(map.attributes)]) : USUAL_MAP;
}

/**
 * The theme that a master and its theme make. One that is ours comes back as it is.
 * @param own the colours of title and of section slides, where they have any of their own
 */
export function themeOfMaster(
  pack: OoxmlPackage,
  masterPath: string,
  layouts: Readonly<Partial<Record<PageOfItsOwn, string>>>,
): { readonly theme: Theme; readonly found: FoundTheme; readonly scheme: ColourScheme } {
  const master = pack.tree(masterPath);
  const found = readThemePart(pack.tree(pack.related(masterPath, 'theme') ?? ''));
  const scheme: ColourScheme = { theme: found.colours, map: readMap(childAt(master, 'p:clrMap')), isUsual: true };
  const usual: ThemeColours = readTheme(null).colours;
  const colours = themeColours(scheme, usual);
  const styles = childAt(master, 'p:txStyles');
  const around: TextAround = { colours: scheme, fonts: found.fonts, link: () => null, lose: () => undefined };
  const styleFrom = (chain: readonly (XmlElement | null)[]) => {
    const letters = usualLetters(chain, null, around);
    const isUsual = letters.isBold === letters.heading;
    return {
      size: Math.round(letters.size * 100) / 100,
      color: letters.color,
      heading: letters.heading,
      font: letters.font,
      weight: isUsual ? null : letters.isBold ? 700 : 400,
    };
  };
  const [titles, texts] = [childAt(styles, 'p:titleStyle'), childAt(styles, 'p:bodyStyle')];
  const onLayout = (page: PageOfItsOwn, type: RegExp) => {
    const root = pack.tree(layouts[page] ?? '');
    const shape = childrenOf(childAt(root, 'p:cSld', 'p:spTree'), 'p:sp').find((each) =>
      type.test(childAt(each, 'p:nvSpPr', 'p:nvPr', 'p:ph')?.attributes['type'] ?? ''),
    );
    return childAt(shape, 'p:txBody', 'a:lstStyle');
  };
  const body = styleFrom([texts]);
  const set: Record<TextStyleName, object> = {
    title: styleFrom([titles]),
    opening: styleFrom([titles, onLayout('title', /title/i)]),
    section: styleFrom([titles, onLayout('section', /title/i)]),
    subtitle: styleFrom([texts, onLayout('title', /subTitle/)]),
    body,
    caption: { ...body, size: Math.round(body.size * 0.7 * 100) / 100, color: 'soft' },
  };
  const page = (name: PageOfItsOwn) => {
    const override = pack.tree(pack.related(layouts[name] ?? '', 'themeOverride') ?? '');
    const own = readScheme(childAt(override, 'a:clrScheme'));
    return { colours: own.size === 0 ? colours : themeColours({ ...scheme, theme: own }, colours) };
  };
  const theme = readTheme({
    name: found.name.slice(0, 80) || 'Theme',
    colours,
    pages: { title: page('title'), section: page('section') },
    headingFont: fontOf(found.fonts.heading).font,
    textFont: fontOf(found.fonts.text).font,
    styles: set,
    backdrop: 'plain',
  });
  return { theme: ourOwn(theme) ?? theme, found, scheme };
}

/** The theme of ours that a file was written with; `null` where it is none, or was changed since. */
function ourOwn(theme: Theme): Theme | null {
  const known = themes.find(({ name }) => name === theme.name);
  if (!known) return null;
  const isSame =
    JSON.stringify(known.colours) === JSON.stringify(theme.colours) &&
    known.headingFont === theme.headingFont &&
    known.textFont === theme.textFont;
  return isSame && !isSameTheme(known, theme) ? known : null;
}
