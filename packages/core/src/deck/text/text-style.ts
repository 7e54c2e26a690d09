/** Text styles: how titles, subtitles, body texts and captions are set in a theme. */
import { readColour } from '../appearance/colour.js';
import { type FontName, isFontName } from './fonts.js';
import type { TextLook } from '../model/item.js';
import { readBoolean, readFields, readNumber } from '../model/reading.js';
import type { StyledProperty, TextStyleName } from './text-style-names.js';

/** What a text style decides; size in slide units. */
export type StyledLook = Pick<TextLook, StyledProperty>;

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
