/** Text styles: how titles, subtitles, body texts and captions are set in a theme, and texts that go by them. */
import { readColour } from './colour.js';
import { type FontName, isFontName } from './fonts.js';
import type { Item, TextLook } from './item.js';
import { readBoolean, readFields, readNumber } from './reading.js';
import type { Theme } from './theme.js';

/** The text styles of every theme. */
export const textStyleNames = ['title', 'subtitle', 'body', 'caption'] as const;

/** The name of a text style. */
export type TextStyleName = (typeof textStyleNames)[number];

/** What a text style decides; size in slide units. */
export type StyledLook = Pick<TextLook, 'size' | 'color' | 'heading' | 'font' | 'weight' | 'lineSpacing'>;

/** What a text style decides, by name. */
export const styledProperties = ['size', 'color', 'heading', 'font', 'weight', 'lineSpacing'] as const;

/** Something that a text style decides. */
export type StyledProperty = (typeof styledProperties)[number];

/** The text styles of a theme. */
export type TextStyles = Readonly<Record<TextStyleName, StyledLook>>;

const plain: StyledLook = { size: 28, color: 'words', heading: false, font: null, weight: null, lineSpacing: null };

/** The text styles of a theme that says nothing else. */
export const USUAL_STYLES: TextStyles = {
  title: { ...plain, size: 48, heading: true },
  subtitle: { ...plain, color: 'soft' },
  body: plain,
  caption: { ...plain, size: 24, color: 'soft' },
};

/** The usual styles in larger or smaller letters, for fonts that look smaller or larger than others. */
export function stylesScaled(factor: number, styles: TextStyles = USUAL_STYLES): TextStyles {
  const scaled = (style: StyledLook): StyledLook => ({ ...style, size: style.size * factor });
  return {
    title: scaled(styles.title),
    subtitle: scaled(styles.subtitle),
    body: scaled(styles.body),
    caption: scaled(styles.caption),
  };
}

/** Text styles from untrusted JSON; what is missing is as usual. */
export function readTextStyles(value: unknown): TextStyles {
  const fields = readFields(value);
  const style = (name: TextStyleName): StyledLook => {
    const given = readFields(fields?.[name]);
    const usual = USUAL_STYLES[name];
    return {
      size: readNumber(given?.['size'], usual.size, 8, 400),
      color: readColour(given?.['color'], usual.color),
      heading: readBoolean(given?.['heading'], usual.heading),
      font: readFont(given?.['font']),
      weight: readWeight(given?.['weight']),
      lineSpacing: readNumber(given?.['lineSpacing'], 0, 0, 4) || null,
    };
  };
  return { title: style('title'), subtitle: style('subtitle'), body: style('body'), caption: style('caption') };
}

function readFont(value: unknown): FontName | null {
  return isFontName(value) ? value : null;
}

/** The weights that letters can be set in. */
export const weights = [300, 400, 500, 600, 700, 800] as const;

/** A weight from untrusted JSON; `null` for the usual one. */
export function readWeight(value: unknown): number | null {
  return weights.find((weight) => weight === value) ?? null;
}

/** A look with what its text style decides, but for what the text has of its own. */
export function lookIn(theme: Theme, look: TextLook): TextLook {
  if (look.style === null) return look;
  const style = theme.styles[look.style];
  const decided = styledProperties.filter((property) => !look.own.includes(property));
  return { ...look, ...Object.fromEntries(decided.map((property) => [property, style[property]])) };
}

/** A look after some of it was set by hand: that is the text's own from now on. */
export function lookWith(look: TextLook, fields: Partial<TextLook>): TextLook {
  const mine = styledProperties.filter((property) => property in fields);
  const own =
    look.style === null ? [] : styledProperties.filter((each) => look.own.includes(each) || mine.includes(each));
  return { ...look, own, ...fields };
}

/** A look that goes by a style in everything; `null` leaves it as it is seen just now, going by none. */
export function lookGoingBy(theme: Theme, look: TextLook, style: TextStyleName | null): TextLook {
  return style === null ? { ...lookIn(theme, look), style: null, own: [] } : { ...look, style, own: [] };
}

const dressedItems = new WeakMap<Item, { readonly theme: Theme; readonly dressed: Item }>();

/** An item as it looks in a theme: the very same value for as long as both are the same. */
export function dressed(theme: Theme, item: Item): Item {
  if ((item.kind !== 'text' && item.kind !== 'shape') || item.look.style === null) return item;
  const known = dressedItems.get(item);
  if (known?.theme === theme) return known.dressed;
  const made: Item = { ...item, look: lookIn(theme, item.look) };
  dressedItems.set(item, { theme, dressed: made });
  return made;
}
