/** How colours and fonts of a theme reach what is drawn: as CSS variables on the slide's ground. */
import { colourNames, isColourName, type Theme } from '@gobrel/core/deck';
import type { CSSProperties } from 'react';

/** A colour as CSS writes it; one by name follows the theme of the slide it stands on. */
export function paint(colour: string): string {
  return isColourName(colour) ? `var(--gv-${colour})` : colour;
}

/** The variables that a theme sets on a slide's ground. */
export function themeStyle(theme: Theme): CSSProperties {
  const colours = colourNames.map((name) => [`--gv-${name}`, theme.colours[name]]);
  // React’s styles have no names for variables.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return {
    ...Object.fromEntries(colours),
    '--gv-heading-font': `var(--gv-font-${theme.headingFont})`,
    '--gv-text-font': `var(--gv-font-${theme.textFont})`,
  } as CSSProperties;
}
