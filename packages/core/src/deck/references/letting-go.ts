/** What becomes of references when items go. */
import { type Change, changedFields } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { ItemId } from '../model/identifiers.js';
import { heldRefsOf, mapRefs } from './item-references.js';
import { SAME_REFERENCES } from './reference.js';

/**
 * The changes by which items that stay let go of items that go, and of groups that go with their last member: zones no
 * longer expect or take them, lines are no longer tied to them, pieces no longer stay within them. Links stay, and are
 * dangling.
 */
export function letGoOf(deck: Deck, ids: readonly ItemId[]): Change[] {
  const gone = new Set<string>(ids.filter((id) => deck.items[id]));
  if (gone.size === 0) return [];
  const staying = Object.values(deck.items).filter((item) => !gone.has(item.id));
  const groupsLeft = new Set(staying.flatMap(({ groups }) => groups));
  for (const id of ids) for (const group of deck.items[id]?.groups ?? []) if (!groupsLeft.has(group)) gone.add(group);
  return staying.flatMap((item): Change[] => {
    if (!heldRefsOf(item).some(({ id }) => gone.has(id))) return [];
    const next = mapRefs(item, { ...SAME_REFERENCES, item: (id) => (gone.has(id) ? null : id) });
    const fields = changedFields(item, next);
    return Object.keys(fields).length === 0 ? [] : [{ type: 'set-item', id: item.id, fields }];
  });
}
