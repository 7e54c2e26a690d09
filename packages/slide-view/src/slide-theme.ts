/** The theme of the slide that something is drawn on. */
import type { Theme } from '@gobrel/core/deck';
import { createContext, useContext } from 'react';

/** `null` for what is drawn beside a slide, in the page's own colours. */
export const SlideTheme = createContext<Theme | null>(null);

/** The theme of the slide around; `null` beside slides. */
export function useSlideTheme(): Theme | null {
  return useContext(SlideTheme);
}
