/** Writing a theme down in short, as those that come along are. */
import type { Box } from '../../../geometry/index.js';
import type { FontName } from '../../text/fonts.js';
import { plainStyle, SECTION_TITLE, type StyledLook, type TextStyles } from '../../text/text-style.js';
import type { TextStyleName } from '../../text/text-style-names.js';
import { type BoxLook, PLAIN_BOX } from '../box-look.js';
import { readTheme, type Theme } from '../theme.js';
import type { ThemeColours, ThemePage } from '../theme-page.js';

/** Ground, words, soft, accent, second, third. */
type SixColours = readonly [string, string, string, string, string, string];

/** Left, top, width and height in parts of the slide's sides. */
type Place = readonly [number, number, number, number];

/** What is said of a title or section slide. */
interface PageInShort {
  readonly colours: SixColours;
  readonly title: Place;
  readonly subtitle: Place;
  readonly align: ThemePage['align'];
}

/** A theme, written down. The title of a section slide is as that of a title slide, but smaller. */
export type ThemeInShort = Omit<Theme, 'colours' | 'pages' | 'styles'> & {
  readonly colours: SixColours;
  readonly title: PageInShort;
  readonly section: PageInShort;
  readonly headingFont: FontName;
  readonly styles: Readonly<Record<Exclude<TextStyleName, 'section'>, Partial<StyledLook>>>;
};

/** A theme as it is written down, with its fields in the order in which reading gives them. */
export function theme({ colours, title, section, styles, ...rest }: ThemeInShort): Theme {
  const opening: StyledLook = { ...plainStyle, heading: true, ...styles.opening };
  const written: TextStyles = {
    title: { ...plainStyle, heading: true, ...styles.title },
    opening,
    section: { ...opening, size: Math.round(opening.size * SECTION_TITLE) },
    subtitle: { ...plainStyle, color: 'soft', ...styles.subtitle },
    body: { ...plainStyle, ...styles.body },
    caption: { ...plainStyle, color: 'soft', ...styles.caption },
  };
  return readTheme({
    ...rest,
    colours: six(colours),
    pages: { title: page(title), section: page(section) },
    styles: written,
  });
}

/** A box as it is written down: what is not said is as in a plain one, without corners to speak of. */
export function box(fields: Partial<BoxLook>): BoxLook {
  return { ...PLAIN_BOX, corner: 0, ...fields };
}

function page({ colours, title, subtitle, align }: PageInShort): ThemePage {
  return { colours: six(colours), title: placed(title), subtitle: placed(subtitle), align };
}

function placed([x, y, width, height]: Place): Box {
  return { x, y, width, height };
}

function six([ground, words, soft, accent, second, third]: SixColours): ThemeColours {
  return { ground, words, soft, accent, second, third };
}
