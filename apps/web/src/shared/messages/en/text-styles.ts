/** Words about text styles and themes of one's own. */
import type { BackdropName } from '@gobrel/core/deck';
import { many } from './phrases';

export const textStyles = {
  field: 'style',
  none: 'none of the theme’s',
  names: { title: 'Title', subtitle: 'Subtitle', body: 'Text', caption: 'Caption' },
  backTo: (style: string) => `As ${style} again`,
  weight: 'weight',
  usualWeight: 'usual',
  weights: { 300: 'light', 400: 'regular', 500: 'medium', 600: 'half bold', 700: 'bold', 800: 'extra bold' },
  backdrop: 'backdrop',
  backdrops: {
    plain: 'none',
    band: 'Band at the side',
    foot: 'Band at the foot',
    corner: 'Round corner',
    dots: 'Dots',
    waves: 'Waves',
  } as Readonly<Record<BackdropName, string>>,
  title: 'Its text styles',
  hint: 'Every text that goes by a style follows.',
  sizeOf: (style: string) => `${style}, points`,
  fontOf: (style: string) => `font of ${style}`,
  colourOf: (style: string) => `colour of ${style}`,
  weightOf: (style: string) => `weight of ${style}`,
  usualFont: 'usual',
} as const;

export const ownThemes = {
  along: 'Come along',
  mine: 'Mine',
  others: 'From another deck',
  keep: 'Keep this theme as mine',
  name: 'Its name among your themes',
  kept: (name: string) => `“${name}” is kept among your themes, for all your decks.`,
  none: 'None kept yet. Change a colour or a text style, and keep the theme.',
  noDecks: 'There is no other deck.',
  remove: (name: string) => `Delete theme ${name}`,
  removeTitle: (name: string) => `Delete theme “${name}”?`,
  removeText: 'Decks that wear it stay as they are. This cannot be undone.',
  removed: (name: string) => `“${name}” is deleted. Decks that wear it stay as they are.`,
  decks: (count: number) => many(count, 'deck', 'decks'),
} as const;
