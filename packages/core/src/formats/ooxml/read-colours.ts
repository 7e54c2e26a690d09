/** Colours of DrawingML (ECMA-376 part 1, 20.1.2.3): by number, by their name in the theme, and changed. */
import { type ColourName, type ThemeColours } from '../../deck/index.js';
import { childrenOf, type XmlElement } from '../xml/index.js';

/** The colours that hold on a slide: those of the theme by their own names, and what each name stands for there. */
export interface ColourScheme {
  /** By `dk1`, `lt1` … `folHlink`, as `#rrggbb`. */
  readonly theme: ReadonlyMap<string, string>;
  /** By `bg1`, `tx1` …: the theme's name. */
  readonly map: ReadonlyMap<string, string>;
  /** Whether the theme's colours go by the names they have here on all slides. */
  readonly isUsual: boolean;
}

/** A colour that was found, by our name where it is just that of the theme. */
export interface FoundColour {
  readonly color: string;
  /** 0 (not to be seen) to 1. */
  readonly opacity: number;
}

/** Our names, by the theme's names where nothing maps them otherwise. */
const ours: Readonly<Record<string, ColourName>> = {
  lt1: 'ground',
  dk1: 'words',
  dk2: 'soft',
  accent1: 'accent',
  accent2: 'second',
  accent3: 'third',
};
/** Our names, by the names that a colour map has. */
const mapped: Readonly<Record<string, ColourName>> = {
  bg1: 'ground',
  tx1: 'words',
  tx2: 'soft',
  accent1: 'accent',
  accent2: 'second',
  accent3: 'third',
};

/** The colour map of most files. */
export const USUAL_MAP: ReadonlyMap<string, string> = new Map([
  ['bg1', 'lt1'],
  ['tx1', 'dk1'],
  ['bg2', 'lt2'],
  ['tx2', 'dk2'],
]);

/** The six colours that our themes have. */
export function themeColours(scheme: ColourScheme, usual: ThemeColours): ThemeColours {
  const of = (name: string, fallback: string) => scheme.theme.get(scheme.map.get(name) ?? name) ?? fallback;
  return {
    ground: of('bg1', usual.ground),
    words: of('tx1', usual.words),
    soft: of('tx2', usual.soft),
    accent: of('accent1', usual.accent),
    second: of('accent2', usual.second),
    third: of('accent3', usual.third),
  };
}

/** The colour that some element holds, as its only child or one of them; `null` where it holds none. */
export function colourIn(
  element: XmlElement | null,
  scheme: ColourScheme,
  placeholder: FoundColour | null = null,
): FoundColour | null {
  for (const child of childrenOf(element)) {
    const base = baseOf(child, scheme, placeholder);
    if (base) return changed(base, childrenOf(child), scheme);
  }
  return null;
}

function baseOf(element: XmlElement, scheme: ColourScheme, placeholder: FoundColour | null): FoundColour | null {
  const { name, attributes } = element;
  const solid = (color: string): FoundColour => ({ color, opacity: 1 });
  switch (name) {
    case 'a:srgbClr':
      return /^[\da-f]{6}$/i.test(attributes['val'] ?? '') ? solid(`#${attributes['val']?.toLowerCase() ?? ''}`) : null;
    case 'a:sysClr':
      return solid(
        `#${(attributes['lastClr'] ?? (attributes['val'] === 'window' ? 'ffffff' : '000000')).toLowerCase()}`,
      );
    case 'a:prstClr':
      return solid(presets[attributes['val'] ?? ''] ?? '#000000');
    case 'a:scrgbClr':
      return solid(hexOf(['r', 'g', 'b'].map((each) => fromLinear(part(attributes[each])))));
    case 'a:hslClr':
      return solid(
        fromHsl([Number(attributes['hue'] ?? 0) / 21_600_000, part(attributes['sat']), part(attributes['lum'])]),
      );
    case 'a:schemeClr': {
      const said = attributes['val'] ?? '';
      if (said === 'phClr') return placeholder;
      const own = scheme.map.get(said) ?? said;
      const known = scheme.isUsual ? (mapped[said] ?? (scheme.map === USUAL_MAP ? ours[said] : undefined)) : undefined;
      return solid(known ?? scheme.theme.get(own) ?? '#000000');
    }
    default:
      return null;
  }
}

/** A colour after what is done to it, in turn (20.1.2.3): lighter, darker, more of it, less to be seen. */
function changed(base: FoundColour, changes: readonly XmlElement[], scheme: ColourScheme): FoundColour {
  let { color, opacity } = base;
  for (const { name, attributes } of changes) {
    const value = part(attributes['val']);
    if (name === 'a:alpha') opacity *= value;
    else {
      const hex = color.startsWith('#') ? color : hexOfName(color, scheme);
      const change = changesOf[name];
      if (change) color = change(hex, value);
    }
  }
  return { color, opacity: Math.min(1, Math.max(0, opacity)) };
}

/** The colour of a name of ours. */
export function hexOfName(name: string, scheme: ColourScheme): string {
  if (name.startsWith('#')) return name;
  const said = Object.entries(mapped).find(([, own]) => own === name)?.[0] ?? name;
  return scheme.theme.get(scheme.map.get(said) ?? said) ?? '#000000';
}

const changesOf: Readonly<Record<string, (hex: string, value: number) => string>> = {
  'a:lumMod': (hex, value) => withHsl(hex, ([h, s, l]) => [h, s, l * value]),
  'a:lumOff': (hex, value) => withHsl(hex, ([h, s, l]) => [h, s, l + value]),
  'a:satMod': (hex, value) => withHsl(hex, ([h, s, l]) => [h, s * value, l]),
  'a:tint': (hex, value) => hexOf(rgbOf(hex).map((each) => fromLinear(toLinear(each) * value + 1 - value))),
  'a:shade': (hex, value) => hexOf(rgbOf(hex).map((each) => fromLinear(toLinear(each) * value))),
  'a:inv': (hex) => hexOf(rgbOf(hex).map((each) => 1 - each)),
  'a:gray': (hex) => {
    const [r = 0, g = 0, b = 0] = rgbOf(hex);
    const grey = 0.299 * r + 0.587 * g + 0.114 * b;
    return hexOf([grey, grey, grey]);
  },
};

/** A part of a hundred thousand, or a per cent with its sign, as strict files write it. */
function part(written: string | undefined): number {
  if (written === undefined) return 1;
  return written.endsWith('%') ? Number(written.slice(0, -1)) / 100 : Number(written) / 100_000;
}

function rgbOf(hex: string): readonly number[] {
  return [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255);
}

function hexOf(rgb: readonly number[]): string {
  const two = (value: number) => {
    const byte = Math.round(Math.min(1, Math.max(0, Number.isFinite(value) ? value : 0)) * 255);
    return byte.toString(16).padStart(2, '0');
  };
  return `#${rgb.map(two).join('')}`;
}

/** The transfer curve of sRGB (IEC 61966-2-1), both ways. */
function toLinear(value: number): number {
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
}
function fromLinear(value: number): number {
  return value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055;
}

type Hsl = readonly [hue: number, saturation: number, lightness: number];

function withHsl(hex: string, change: (hsl: Hsl) => Hsl): string {
  return fromHsl(change(toHsl(hex)));
}

function toHsl(hex: string): Hsl {
  const [r = 0, g = 0, b = 0] = rgbOf(hex);
  const [most, least] = [Math.max(r, g, b), Math.min(r, g, b)];
  const lightness = (most + least) / 2;
  const span = most - least;
  if (span === 0) return [0, 0, lightness];
  const saturation = span / (1 - Math.abs(2 * lightness - 1));
  const hue =
    most === r ? (((g - b) / span) % 6) + (g < b ? 6 : 0) : most === g ? (b - r) / span + 2 : (r - g) / span + 4;
  return [hue / 6, saturation, lightness];
}

function fromHsl([hue, s, l]: Hsl): string {
  const [saturation, lightness] = [Math.min(1, Math.max(0, s)), Math.min(1, Math.max(0, l))];
  const span = (1 - Math.abs(2 * lightness - 1)) * saturation;
  const channel = (shift: number) => {
    const at = (hue * 6 + shift) % 6;
    return lightness - span / 2 + span * Math.min(1, Math.max(0, Math.abs(at - 3) - 1));
  };
  return hexOf([channel(0), channel(4), channel(2)]);
}

/** The colours that go by a name of their own most often. */
const presets: Readonly<Record<string, string>> = {
  black: '#000000',
  white: '#ffffff',
  red: '#ff0000',
  green: '#008000',
  lime: '#00ff00',
  blue: '#0000ff',
  yellow: '#ffff00',
  orange: '#ffa500',
  purple: '#800080',
  gray: '#808080',
  grey: '#808080',
  silver: '#c0c0c0',
  navy: '#000080',
  teal: '#008080',
  aqua: '#00ffff',
  cyan: '#00ffff',
  magenta: '#ff00ff',
  maroon: '#800000',
  olive: '#808000',
  brown: '#a52a2a',
  pink: '#ffc0cb',
};
