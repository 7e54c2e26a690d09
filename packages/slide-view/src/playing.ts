/** Where media play: not on pictures of slides, by a press where somebody has hands, by themselves where a show is shown. */
import type { ItemId } from '@gobrel/core/deck';
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

/** A clip that is played in one window and follows in another: which, whether it runs, and where it is, in seconds of its file. */
export interface LedClip {
  readonly itemId: ItemId;
  readonly isPlaying: boolean;
  readonly at: number;
}

/** How the clips of a window hang together with those of others. */
export interface ClipLead {
  /** What the clips here do as others do; a new object is a new order. `null` where nothing is led. */
  readonly follows: LedClip | null;
  /** Hears what is done with the clips here; `null` where nobody wants to know. */
  readonly tell: ((clip: LedClip) => void) | null;
  /** Whether they are not heard here, as they are heard elsewhere in the same room. */
  readonly silent: boolean;
}

const ClipLeadContext = createContext<ClipLead>({ follows: null, tell: null, silent: false });

/** Says it to all media below. */
export const ClipLeadProvider = ClipLeadContext.Provider;

/** What clips here lead or follow. */
export function useClipLead(): ClipLead {
  return useContext(ClipLeadContext);
}
