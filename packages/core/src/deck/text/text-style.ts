/** Text styles: how titles, subtitles, body texts and captions are set in a theme. */
import { readColour } from '../appearance/colour.js';
import { type FontName, isFontName } from './fonts.js';
import type { TextLook } from '../model/item.js';
import { readBoolean, readFields, readNumber } from '../model/reading.js';
import { type StyledProperty, type TextStyleName, textStyleNames } from './text-style-names.js';

/** What a text style decides; size in slide units. */
export type StyledLook = Pick<TextLook, StyledProperty>;

/** The text styles of a theme. */
export type TextStyles = Readonly<Record<TextStyleName, StyledLook>>;

/** A style that says nothing but how large its letters are. */
export const plainStyle: StyledLook = {
  size: 28,
  color: 'words',
  heading: false,
  font: null,
  weight: null,
  lineSpacing: null,
  tracking: null,
};

/** The title of a section slide is this part of the size of that of a title slide. */
export const SECTION_TITLE = 0.86;

/** The text styles of a theme that says nothing else. */
export const USUAL_STYLES: TextStyles = {
  title: { ...plainStyle, size: 48, heading: true },
  opening: { ...plainStyle, size: 64, heading: true },
  section: { ...plainStyle, size: 55, heading: true },
  subtitle: { ...plainStyle, color: 'soft' },
  body: plainStyle,
  caption: { ...plainStyle, size: 24, color: 'soft' },
};

/** The usual styles in larger or smaller letters, for fonts that look smaller or larger than others. */
export function stylesScaled(factor: number, styles: TextStyles = USUAL_STYLES): TextStyles {
  return eachStyle((name) => ({ ...styles[name], size: styles[name].size * factor }));
}

/** Text styles from untrusted JSON; what is missing is as usual. */
export function readTextStyles(value: unknown): TextStyles {
  const fields = readFields(value);
  return eachStyle((name) => {
    const given = readFields(fields?.[name]);
    const usual = USUAL_STYLES[name];
    return {
      size: readNumber(given?.['size'], usual.size, 8, 400),
      color: readColour(given?.['color'], usual.color),
      heading: readBoolean(given?.['heading'], usual.heading),
      font: readFont(given?.['font']),
      weight: readWeight(given?.['weight']),
      lineSpacing: readNumber(given?.['lineSpacing'], 0, 0, 4) || null,
      tracking: readTracking(given?.['tracking']),
    };
  });
}

function eachStyle(styleOf: (name: TextStyleName) => StyledLook): TextStyles {
  const [title, opening, section, subtitle, body, caption] = textStyleNames;
  return {
    title: styleOf(title),
    opening: styleOf(opening),
    section: styleOf(section),
    subtitle: styleOf(subtitle),
    body: styleOf(body),
    caption: styleOf(caption),
  };
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

/** How much wider or narrower letters stand, in letter sizes, from untrusted JSON; `null` for as their font has it. */
export function readTracking(value: unknown): number | null {
  return readNumber(value, 0, -0.1, 0.5) || null;
}
