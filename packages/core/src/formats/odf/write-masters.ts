/** Writes the master pages, one for each layout that is used, with their placeholders, and the size of pages. */
import {
  colourIn,
  type Deck,
  frameOfPart,
  type LayoutName,
  partsIn,
  PLAIN_LOOK,
  type Role,
  sizeOf,
  type TextLook,
  themeOn,
} from '../../deck/index.js';
import { write, type Written } from '../xml/index.js';
import { length } from './names.js';
import type { StyleSheet } from './style-sheet.js';
import { letterProperties, paragraphProperties } from './write-text.js';

/** The classes of placeholders, by the roles of ours. */
const classes: Readonly<Partial<Record<Role, string>>> = {
  title: 'title',
  subtitle: 'subtitle',
  body: 'outline',
  'second-body': 'outline',
};

/** The class of the placeholder of a role; `null` for what files have none for. */
export function placeholderOf(role: Role): string | null {
  return classes[role] ?? null;
}

/** The name of the master page of a layout. */
export function masterName(layout: LayoutName): string {
  return layout;
}

/** The layer on which what stands still lies, and the others that every document has. */
export function writeLayers(): Written {
  return write(
    'draw:layer-set',
    {},
    ...['layout', 'background', 'backgroundobjects', 'controls', 'measurelines'].map((name) =>
      write('draw:layer', { 'draw:name': name }),
    ),
  );
}

/** The size of the pages. */
export function writePageLayout(deck: Deck, name: string): Written {
  const { width, height } = sizeOf(deck);
  return write(
    'style:page-layout',
    { 'style:name': name },
    write('style:page-layout-properties', {
      'fo:margin-top': '0pt',
      'fo:margin-bottom': '0pt',
      'fo:margin-left': '0pt',
      'fo:margin-right': '0pt',
      'fo:page-width': length(width),
      'fo:page-height': length(height),
      'style:print-orientation': width >= height ? 'landscape' : 'portrait',
    }),
  );
}

/** A master page. @param styles of the document of styles */
export function writeMaster(deck: Deck, layout: LayoutName, pageLayout: string, styles: StyleSheet): Written {
  const theme = themeOn(deck.theme, layout);
  const ground = styles.style('drawing-page', [
    write('style:drawing-page-properties', { 'draw:fill': 'solid', 'draw:fill-color': colourIn(theme, 'ground') }),
  ]);
  const parts = partsIn(deck.theme, layout).flatMap((part): Written[] => {
    const kind = placeholderOf(part.role);
    if (kind === null || !part.look) return [];
    const look: TextLook = { ...PLAIN_LOOK, ...part.look };
    const set = look.style ? { ...look, ...theme.styles[look.style], align: look.align } : look;
    const style = styles.style('presentation', [
      write('style:graphic-properties', {
        'draw:fill': 'none',
        'draw:stroke': 'none',
        'draw:textarea-vertical-align': set.upright,
      }),
      paragraphProperties(set),
      letterProperties(set, { theme }),
    ]);
    const { x, y, width, height } = frameOfPart(part, sizeOf(deck));
    return [
      write(
        'draw:frame',
        {
          'presentation:style-name': style,
          'draw:layer': 'backgroundobjects',
          'svg:x': length(x),
          'svg:y': length(y),
          'svg:width': length(width),
          'svg:height': length(height),
          'presentation:class': kind,
          'presentation:placeholder': 'true',
        },
        write('draw:text-box'),
      ),
    ];
  });
  return write(
    'style:master-page',
    { 'style:name': masterName(layout), 'style:page-layout-name': pageLayout, 'draw:style-name': ground },
    ...parts,
  );
}
