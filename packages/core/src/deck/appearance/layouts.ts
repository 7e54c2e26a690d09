/** The layouts: which parts a slide has, and where they stand, in parts of the slide's width and height. */
import type { Box, Frame } from '../../geometry/index.js';
import type { ItemKindName, TextLook } from '../model/item.js';
import type { Role } from '../model/item-base.js';
import { PLAIN_LOOK } from '../kinds/kind.js';
import type { Exits, LayoutName } from '../model/slide.js';
import { USUAL_STYLES } from '../text/text-style.js';
import type { TextStyleName } from '../text/text-style-names.js';
import type { Theme } from './theme.js';
import { type PageOfItsOwn, pageOf, USUAL_PLACES } from './theme-page.js';

/** One part of a layout. */
export interface LayoutPart {
  readonly role: Role;
  readonly kind: ItemKindName;
  /** In parts of the slide's width and height. */
  readonly place: Box;
  /** For words; letter sizes in slide units. */
  readonly look?: Partial<TextLook>;
}

/** A layout. */
export interface Layout {
  readonly parts: readonly LayoutPart[];
  readonly exits: Exits;
}

const place = (x: number, y: number, width: number, height: number): Box => ({ x, y, width, height });
/** The text styles that parts of layouts go by. */
const styleOf: Readonly<Partial<Record<Role, TextStyleName>>> = {
  title: 'title',
  subtitle: 'subtitle',
  body: 'body',
  'second-body': 'body',
  caption: 'caption',
};

const words = (
  role: Role,
  at: Box,
  look: Partial<TextLook> = {},
  style: TextStyleName | undefined = styleOf[role],
): LayoutPart => ({
  role,
  kind: 'text',
  place: at,
  look: { ...PLAIN_LOOK, ...(style ? { style, ...USUAL_STYLES[style] } : {}), ...look },
});

/** A slide with little but its title, in large letters that shrink where they have no room. */
const opened = (page: PageOfItsOwn, style: TextStyleName): Layout => ({
  exits: 'open',
  parts: [
    words('title', USUAL_PLACES[page].title, { upright: 'bottom', fit: 'shrink' }, style),
    words('subtitle', USUAL_PLACES[page].subtitle),
  ],
});

const heading = words('title', place(0.06, 0.07, 0.88, 0.14), { upright: 'middle' });
const sign = (role: Role, at: Box): LayoutPart => ({
  role,
  kind: 'shape',
  place: at,
  look: { ...PLAIN_LOOK, size: 32, align: 'center', upright: 'middle', fit: 'shrink' },
});

/** Every layout by its name. */
export const layouts: Readonly<Record<LayoutName, Layout>> = {
  title: opened('title', 'opening'),
  section: opened('section', 'section'),
  'title-and-text': { exits: 'open', parts: [heading, words('body', place(0.06, 0.25, 0.88, 0.66))] },
  'two-columns': {
    exits: 'open',
    parts: [heading, words('body', place(0.06, 0.25, 0.42, 0.66)), words('second-body', place(0.52, 0.25, 0.42, 0.66))],
  },
  picture: {
    exits: 'open',
    parts: [
      { role: 'picture', kind: 'picture', place: place(0.06, 0.07, 0.88, 0.74) },
      words('caption', place(0.06, 0.84, 0.88, 0.1), { upright: 'middle' }),
    ],
  },
  question: {
    exits: 'open',
    parts: [heading, { role: 'question', kind: 'choice', place: place(0.06, 0.26, 0.88, 0.64) }],
  },
  worksheet: {
    exits: 'open',
    parts: [
      heading,
      words('body', place(0.06, 0.24, 0.36, 0.66)),
      { role: 'answers', kind: 'open-area', place: place(0.46, 0.24, 0.48, 0.66) },
    ],
  },
  story: {
    exits: 'links-only',
    parts: [
      heading,
      words('body', place(0.06, 0.25, 0.88, 0.4)),
      sign('choice-1', place(0.06, 0.72, 0.28, 0.16)),
      sign('choice-2', place(0.36, 0.72, 0.28, 0.16)),
      sign('choice-3', place(0.66, 0.72, 0.28, 0.16)),
    ],
  },
  'class-page': {
    exits: 'open',
    parts: [heading, { role: 'answers', kind: 'open-area', place: place(0.06, 0.25, 0.88, 0.66) }],
  },
  blank: { exits: 'open', parts: [] },
};

/** The parts of a layout in a theme: on title and section slides they stand where the theme leaves room for them. */
export function partsIn(theme: Theme, layout: LayoutName): readonly LayoutPart[] {
  const page = pageOf(layout);
  const { parts } = layouts[layout];
  if (page === 'text') return parts;
  const { title, subtitle, align } = theme.pages[page];
  return parts.map((part) => ({
    ...part,
    place: part.role === 'title' ? title : subtitle,
    ...(part.look ? { look: { ...part.look, align } } : {}),
  }));
}

/** Where a part stands on slides of a size, in slide units. */
export function frameOfPart(part: LayoutPart, slide: { readonly width: number; readonly height: number }): Frame {
  return {
    x: Math.round(part.place.x * slide.width),
    y: Math.round(part.place.y * slide.height),
    width: Math.round(part.place.width * slide.width),
    height: Math.round(part.place.height * slide.height),
    rotation: 0,
  };
}
