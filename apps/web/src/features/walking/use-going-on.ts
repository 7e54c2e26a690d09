/** A show that goes on by itself: slide after slide, until somebody has to choose. */
import type { Deck } from '@gobrel/core/deck';
import { nextInOrder } from '@gobrel/core/routes';
import { asksForSomebody, shownSlide, type ShowState, stayOf, stopsOf } from '@gobrel/core/show';
import { useEffect } from 'react';
import type { Walk } from './use-walk';

interface GoingOn {
  readonly deck: Deck;
  readonly state: ShowState;
  readonly step: Walk['step'];
  /** Whether it is to go on by itself. */
  readonly goesOn: boolean;
  /** Whether it stands still for now. */
  readonly isPaused: boolean;
  /** Called at the end of a show that does not begin anew. */
  readonly onEnd: () => void;
}

/** Whether it would go on but for a choice that has to be made. */
export function useGoingOn({ deck, state, step, goesOn, isPaused, onEnd }: GoingOn): boolean {
  const waits = goesOn && isAtLastStop(deck, state) && asksForSomebody(deck, shownSlide(state));
  useEffect(() => {
    // The time a slide stays is measured by the browser.
    if (isPaused || !goesOn || waits) return;
    const timer = setTimeout(() => goOn({ deck, state, step, onEnd }), stayOf(deck, state));
    return () => clearTimeout(timer);
  });
  return waits;
}

function isAtLastStop(deck: Deck, { walk }: ShowState): boolean {
  const here = walk.at(-1) ?? walk[0];
  const last = stopsOf(deck, here.slideId).at(-1);
  return last?.viewpointId === here.viewpointId && last.appeared === here.appeared;
}

/** The next step by itself: onward, from the start again at the end, or no further. */
function goOn({ deck, state, step, onEnd }: Pick<GoingOn, 'deck' | 'state' | 'step' | 'onEnd'>): void {
  const isLast = isAtLastStop(deck, state) && nextInOrder(deck, shownSlide(state)) === null;
  if (!isLast) step({ type: 'next' });
  else if (deck.playing.overAndOver) step({ type: 'restart' });
  else onEnd();
}
