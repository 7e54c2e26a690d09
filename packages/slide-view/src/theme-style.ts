/** How a theme reaches what is drawn: as CSS variables on the slide's ground. */
import {
  type BoxLook,
  colourIn,
  colourNames,
  type LayoutName,
  type PageName,
  pageOf,
  type Theme,
  themeOn,
} from '@gobrel/core/deck';
import type { CSSProperties } from 'react';
import { bulletImage } from './bullets.js';
import { chalkImage } from './title-mark.js';

const styles = new WeakMap<Theme, Map<PageName, CSSProperties>>();

/** The variables that a theme sets on the ground of a slide of a layout; worked out once for each of its pages. */
export function themeStyle(theme: Theme, layout: LayoutName): CSSProperties {
  const ofTheme = styles.get(theme) ?? new Map<PageName, CSSProperties>();
  styles.set(theme, ofTheme);
  const page = pageOf(layout);
  const known = ofTheme.get(page);
  if (known) return known;
  const made = pageStyle(theme, layout);
  ofTheme.set(page, made);
  return made;
}

function pageStyle(theme: Theme, layout: LayoutName): CSSProperties {
  const { colours } = themeOn(theme, layout);
  // React’s styles have no names for variables.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return {
    ...Object.fromEntries(colourNames.map((name) => [`--gv-${name}`, colours[name]])),
    '--gv-heading-font': `var(--gv-font-${theme.headingFont})`,
    '--gv-text-font': `var(--gv-font-${theme.textFont})`,
    ...boxStyles(theme),
    ...markStyles(theme, layout),
  } as CSSProperties;
}

/** The classes of the ground of a slide of a layout. */
export function themeClasses({ boxes, bullet, titleMark }: Theme, layout: LayoutName): string {
  return [
    'gv-ground',
    boxes ? `gv-themed gv-letters-${boxes.choiceLetter}` : '',
    bullet === 'disc' ? '' : 'gv-bulleted',
    titleMark && pageOf(layout) === 'text' ? `gv-titles-${titleMark.kind}` : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Cards keep the colours of most slides on title and section slides too: words and ground of a card go together. */
function boxStyles(theme: Theme): Readonly<Record<string, string>> {
  if (!theme.boxes) return {};
  const { card, choice, zone } = theme.boxes;
  const colour = (name: string) => colourIn(theme, name);
  return {
    '--gv-card-ground': colour(card.fill),
    '--gv-card-outline': colour(card.outline),
    '--gv-card-words': theme.colours.words,
    '--gv-card-soft': theme.colours.soft,
    '--gv-card-accent': theme.colours.accent,
    '--gv-on-accent': theme.colours.ground,
    '--gv-choice-ground': colour(choice.fill),
    '--gv-choice-outline': colour(choice.outline),
    '--gv-choice-weight': `${choice.weight}px`,
    '--gv-choice-corners': cornersOf(choice),
    '--gv-zone-ground': colour(zone.fill),
    '--gv-zone-outline': colour(zone.outline),
  };
}

/** The corners of a box as CSS has them; those of shapes that it cannot draw stay square. */
function cornersOf({ shape, corner }: BoxLook): string {
  if (shape === 'blown') return `0 ${corner}px`;
  return shape === 'rectangle' ? `${corner}px` : '0';
}

function markStyles(theme: Theme, layout: LayoutName): Readonly<Record<string, string>> {
  const on = themeOn(theme, layout);
  const { titleMark, bullet } = theme;
  const colour = titleMark && colourIn(on, titleMark.color);
  return {
    ...(bullet === 'disc' ? {} : { '--gv-bullet': bulletImage(bullet) }),
    ...(titleMark && colour ? { '--gv-title-mark': titleMark.kind === 'marker' ? colour : chalkImage(colour) } : {}),
  };
}
