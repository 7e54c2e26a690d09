/** What the plan on the screen comes to: the deck as it would be, and what is wrong. */
import { applyChanges, type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { type PlanEffect, type PlanProblem, type PlanWishes, readPlan } from '@gobrel/core/story-plan';
import { useDeferredValue, useMemo } from 'react';
import { askRoutes } from '../routes-worker/ask-worker';
import { useAnswer } from '../routes-worker/use-answer';

/** What a plan comes to. */
export interface PlanOutcome {
  /** The deck as it would be if its slides followed the plan. */
  readonly deck: Deck;
  /** The slide of each passage, and the line it begins in, from 1. */
  readonly slides: readonly SlideId[];
  readonly lines: readonly number[];
  readonly problems: readonly PlanProblem[];
  /** What following it would change; `null` when it says what the slides say, or is still being read. */
  readonly effect: PlanEffect | null;
}

interface PlanOnScreen {
  readonly deck: Deck;
  /** What is typed, and what the slides say. */
  readonly text: string;
  readonly written: string;
  readonly wishes: PlanWishes;
}

/** The outcome; that of the text before while the text of the moment is being read. */
export function usePlanned({ deck, text, written, wishes }: PlanOnScreen): PlanOutcome {
  const lately = useDeferredValue(text);
  const isChanged = lately !== written;
  const asIs = useMemo((): PlanOutcome => {
    const { passages, problems } = readPlan(written);
    const slides = slidesInOrder(deck).map(({ id }) => id);
    return { deck, slides, lines: passages.map(({ line }) => line), problems, effect: null };
  }, [deck, written]);
  const planned = useAnswer(isChanged ? JSON.stringify([lately, written, wishes]) : '', async () =>
    isChanged ? askRoutes('plan', { deck, text: lately, wishes }) : null,
  );
  const asPlanned = useMemo(
    (): PlanOutcome | null =>
      planned && {
        deck: applyChanges(deck, planned.effect.changes),
        slides: planned.effect.slides,
        lines: planned.lines,
        problems: planned.effect.problems,
        effect: planned.effect,
      },
    [deck, planned],
  );
  return (isChanged && asPlanned) || asIs;
}
