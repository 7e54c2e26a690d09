/** What is done with the items that are selected, wherever it is asked for: by a key, in the panel, or in the bar beside them. */
import { duplicateItems, type ItemId, removeItems } from '@gobrel/core/deck';
import { select } from './desk';
import type { Editing } from './editing';

/** Makes copies of items, and selects those. */
export function duplicateSelected({ deck, run }: Pick<Editing, 'deck' | 'run'>, ids: readonly ItemId[]): void {
  const { changes, copies } = duplicateItems(deck, ids);
  run(changes);
  select(...copies);
}

/** Removes items; nothing is selected then. */
export function removeSelected({ deck, run }: Pick<Editing, 'deck' | 'run'>, ids: readonly ItemId[]): void {
  run(removeItems(deck, ids));
  select();
}
