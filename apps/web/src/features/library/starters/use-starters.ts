/** All starters: those that come along, one's own, and those of colleagues. */
import type { KeptStarterView } from '@gobrel/contract';
import { deckStarter, isDeckStarter, slideStarter, type Starter } from '@gobrel/core/starters';
import { useQuery } from '@tanstack/react-query';
import { startersQuery } from '../../../shared/api';
import { shippedDecks, shippedSlides } from './shipped-starters';

/** A starter, with what is known of one that somebody keeps. */
export interface FoundStarter extends Starter {
  readonly kept: KeptStarterView | null;
}

let shipped: readonly FoundStarter[] | null = null;

/** Made when somebody looks for the first time. */
function shippedStarters(): readonly FoundStarter[] {
  shipped ??= [...shippedDecks.map((deck) => deckStarter(deck, shippedSlides)), ...shippedSlides.map(slideStarter)].map(
    (starter) => ({
      ...starter,
      kept: null,
    }),
  );
  return shipped;
}

/** The short decks that come along. */
export function shippedDeckStarters(): readonly FoundStarter[] {
  return shippedStarters().filter(isDeckStarter);
}

export function useStarters(): readonly FoundStarter[] {
  const { data } = useQuery(startersQuery);
  return [...(data ?? []).map((kept) => ({ ...kept, kept })), ...shippedStarters()];
}
