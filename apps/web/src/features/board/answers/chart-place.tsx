/** Where answers are drawn: on the board with everything, or on the class screen, large and without names. */
import type { ItemId } from '@gobrel/core/deck';
import { createContext, type ReactNode, useContext } from 'react';

/** What is known of a place for charts. */
export interface ChartPlace {
  /** Whether it is read from the back row: lengths are in letters, and letters as large as the place says. */
  readonly isLarge: boolean;
  /** Whether it says what is right. */
  readonly isKeyShown: boolean;
  /** What stands below the answers to a question. */
  readonly footOf: ((itemId: ItemId) => ReactNode) | null;
}

const Place = createContext<ChartPlace>({ isLarge: false, isKeyShown: true, footOf: null });

/** Says where all charts within it are drawn. */
export const ChartPlaceProvider = Place.Provider;

/** The width of a picture with answers on it: not higher than the class screen has room for. */
export const pictureWidth = ({ isLarge }: ChartPlace): string => (isLarge ? 'max-w-[min(68%,96vh)]' : 'max-w-md');

/** Where this chart is drawn. */
export const useChartPlace = (): ChartPlace => useContext(Place);
