/** Commands on the walks that a deck keeps. */
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import { type KeptWalk, MOST_WALKS } from '../model/kept-walk.js';

/** Keeps a walk. */
export function keepWalk(deck: Deck, walk: KeptWalk): Change[] {
  return [{ type: 'set-deck', fields: { walks: [...deck.walks, walk].slice(-MOST_WALKS) } }];
}

/** Forgets a walk. */
export function forgetWalk(deck: Deck, id: string): Change[] {
  return [{ type: 'set-deck', fields: { walks: deck.walks.filter((walk) => walk.id !== id) } }];
}
