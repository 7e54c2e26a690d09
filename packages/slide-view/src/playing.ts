/** Where media play: not on pictures of slides, by a press where somebody has hands, by themselves where a show is shown. */
import { createContext, useContext } from 'react';

/** What a slide says to the media on it. */
export interface Playing {
  /** Whether a press plays them here. */
  readonly byPress: boolean;
  /** The step up to which they play by themselves; `null` where nothing plays unasked. */
  readonly upTo: number | null;
}

/** On pictures of slides nothing plays. */
export const STILL: Playing = { byPress: false, upTo: null };

const PlayingContext = createContext(STILL);

/** Says it to all media below. */
export const PlayingProvider = PlayingContext.Provider;

/** What is said to media here. */
export function usePlaying(): Playing {
  return useContext(PlayingContext);
}
