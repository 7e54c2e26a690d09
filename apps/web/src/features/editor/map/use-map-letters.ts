/** How large letters are on the map: as on the page while they can be, whatever the map is seen from. */
import { useStore } from '@xyflow/react';
import type { CSSProperties } from 'react';

/** Letters on the page, in CSS pixels. */
const PAGE = 12;
/** The smallest and the largest letters, in units of the map: their usual size, and what a card has room for. */
const SIZES = { least: 14, most: 26.5 } as const;
/** How finely sizes differ, in units of the map, so that the map is not drawn anew with every turn of a wheel. */
const STEP = 0.5;

/** @param zoom CSS pixels to a unit of the map; gives units of the map */
export function lettersAt(zoom: number): number {
  return Math.min(SIZES.most, Math.max(SIZES.least, Math.ceil(PAGE / zoom / STEP) * STEP));
}

/** The size of letters as a style for what is around the map. */
export function useMapLetters(): CSSProperties & Record<'--map-letters', string> {
  return { '--map-letters': `${useStore((store) => lettersAt(store.transform[2]))}px` };
}
