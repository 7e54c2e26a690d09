/** Everything a window of a show needs: the walk, hands to fill in, and what is done beside walking. */
import type { Deck } from '@gobrel/core/deck';
import type { ShowState } from '@gobrel/core/show';
import { applyWorkChanges, emptyWork } from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { fillInBy, keyJudge, useGoingOn, type Walk, useWalk } from '../../walking';
import { type SharedShow, useSharedShow } from './shared-show';

/** What the hand does on the slide: it presses links, draws, or points. */
export type Hand = 'press' | 'pen' | 'pointer';

/** A show in a window. */
export interface Show {
  readonly deck: Deck;
  readonly shared: SharedShow;
  readonly set: (fields: Partial<SharedShow>) => void;
  /** Whether another window of it is open. */
  readonly hasOthers: boolean;
  readonly walk: Walk;
  readonly fillIn: FillIn;
  readonly hand: Hand;
  readonly setHand: (hand: Hand) => void;
  /** Whether the show would go on by itself but for a choice that has to be made. */
  readonly waits: boolean;
  /** Goes on by itself, or stops doing so. */
  readonly setGoesOn: (goesOn: boolean) => void;
}

/**
 * @param channel names the show for windows that belong together; `null` for a window by itself
 * @param leads whether this window goes on by itself when the show does: one of several does
 */
export function useShow(deck: Deck, start: ShowState, channel: string | null, leads: boolean): Show {
  const { shared, set, hasOthers } = useSharedShow(
    {
      state: start,
      work: emptyWork,
      black: false,
      whole: false,
      strokes: [],
      pointer: null,
      clip: null,
      sounds: {},
      soundOrder: null,
      goesOn: deck.playing.byItself,
    },
    channel,
  );
  const { state, work } = shared;
  const [hand, setHandOnly] = useState<Hand>('press');
  const navigate = useNavigate();
  const walk = useWalk({
    deck,
    state,
    work,
    judge: keyJudge(deck, work),
    // The pen's lines belong to the slide they were drawn on.
    onMove: (next) => set({ state: next, strokes: [], clip: null, soundOrder: null, whole: false, black: false }),
    onDeck: ({ deckId, slideId, itemId }) =>
      void navigate(`/decks/${deckId}/show${slideId ? `/${slideId}` : ''}${itemId ? `?at=${itemId}` : ''}`),
  });
  const fillIn = useMemo(
    () =>
      fillInBy({
        edition: deck,
        work,
        locked: false,
        who: '',
        feedback: {},
        say: () => undefined,
        write: (changes) => set({ work: applyWorkChanges(work, changes) }),
      }),
    [deck, work, set],
  );
  const setHand = (next: Hand) => {
    setHandOnly(next);
    if (next !== 'pointer') set({ pointer: null });
  };
  const setGoesOn = (goesOn: boolean) => set({ goesOn });
  const { step } = walk;
  const isPaused = !leads || shared.black;
  const waits = useGoingOn({ deck, state, step, goesOn: shared.goesOn, isPaused, onEnd: () => setGoesOn(false) });
  return { deck, shared, set, hasOthers, walk, fillIn, hand, setHand, waits, setGoesOn };
}
