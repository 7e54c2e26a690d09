/** A walk through a deck: takes steps by the show's rules and says why one leads nowhere. */
import type { Deck, Destination, SlideId } from '@gobrel/core/deck';
import { type ShowState, type ShowStep, shownSlide, takeStep } from '@gobrel/core/show';
import { useCallback, useState } from 'react';
import { words } from '../words';

/** A walk and the steps that can be taken. */
export interface Walk {
  readonly at: SlideId;
  readonly canGoBack: boolean;
  /** Why the last step led nowhere, in words; `null` when it led somewhere. */
  readonly notice: string | null;
  readonly step: (step: ShowStep) => void;
  readonly follow: (destination: Destination) => void;
}

/**
 * @param state where the walk stands
 * @param onMove is called with the state after a step
 */
export function useWalk(deck: Deck, state: ShowState, onMove: (state: ShowState) => void): Walk {
  const [notice, setNotice] = useState<string | null>(null);
  const step = useCallback(
    (wanted: ShowStep) => {
      const result = takeStep(deck, state, wanted);
      setNotice(
        result.type === 'refused' ? words.walking[result.why] : result.type === 'ended' ? words.walking.ended : null,
      );
      if (result.type === 'moved') onMove(result.state);
      // Apart from the show, and without a way for the other page to reach back.
      if (result.type === 'open-web') window.open(result.address, '_blank', 'noopener,noreferrer');
    },
    [deck, state, onMove],
  );
  const follow = useCallback((destination: Destination) => step({ type: 'follow', destination }), [step]);
  return { at: shownSlide(state), canGoBack: state.way.length > 1, notice, step, follow };
}
