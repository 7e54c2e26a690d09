/** Commands on groups. A group is only a name that its items share, so its frame is whatever is around them. */
import type { Change } from '../model/change.js';
import { type Deck, DEEPEST_GROUP } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import type { GroupId, ItemId } from '../model/identifiers.js';
import type { Item } from '../model/item.js';

/** Groups items of one slide into a new group, inside whatever group they already share. */
export function groupItems(deck: Deck, ids: readonly ItemId[], groupId: GroupId): Change[] {
  const items = ids.flatMap((id) => deck.items[id] ?? []).filter((item) => item.layer === 'slide');
  const depth = sharedDepth(items);
  const tooDeep = items.some((item) => item.groups.length >= DEEPEST_GROUP);
  if (items.length < 2 || tooDeep || new Set(items.map((item) => item.slideId)).size > 1) return [];
  return items.map((item) => ({
    type: 'set-item',
    id: item.id,
    fields: { groups: [...item.groups.slice(0, depth), groupId, ...item.groups.slice(depth)] },
  }));
}

/** How many groups, counted from the outermost, all items share without being the whole of the last one. */
function sharedDepth(items: readonly Item[]): number {
  const [first, ...others] = items;
  if (!first) return 0;
  let depth = 0;
  while (
    depth < first.groups.length &&
    others.every((item) => item.groups[depth] === first.groups[depth]) &&
    // An item or group within stays apart from its siblings: only then is the new group one level further in.
    items.some((item) => item.groups[depth + 1] !== first.groups[depth + 1] || item.groups.length === depth + 1)
  ) {
    depth += 1;
  }
  return depth;
}

/** Dissolves a group; what is in it stays, and stays in the groups around and within. */
export function ungroup(deck: Deck, groupId: GroupId): Change[] {
  return Object.values(deck.items).flatMap((item): Change[] =>
    item.groups.includes(groupId)
      ? [{ type: 'set-item', id: item.id, fields: { groups: item.groups.filter((group) => group !== groupId) } }]
      : [],
  );
}

/** What one press takes: an item by itself, or all items of the group it is in. */
interface Unit {
  /** `null` for an item by itself. */
  readonly group: GroupId | null;
  readonly ids: readonly ItemId[];
}

/**
 * The unit that an item belongs to, as seen from inside a group.
 * @param entered the group that was entered, or `null` when none was; outside of it, whole outermost groups are taken
 */
export function unitOf(deck: Deck, item: Item, entered: GroupId | null): Unit {
  const group = item.groups[entered === null ? 0 : item.groups.indexOf(entered) + 1] ?? null;
  if (group === null) return { group, ids: [item.id] };
  const members = itemsOf(deck, item.slideId).filter((other) => other.groups.includes(group));
  return { group, ids: members.map((member) => member.id) };
}

/** Some items as the units they make: each outermost group that is wholly among them, and each item left over. */
export function unitsAmong(deck: Deck, ids: readonly ItemId[]): readonly Unit[] {
  const units: Unit[] = [];
  const taken = new Set<ItemId>();
  const wanted = new Set(ids);
  for (const id of ids) {
    const item = deck.items[id];
    if (!item || taken.has(id)) continue;
    const whole = item.groups
      .map((_, depth) => unitOf(deck, item, item.groups[depth - 1] ?? null))
      .find((unit) => unit.ids.every((member) => wanted.has(member)));
    const unit = whole ?? { group: null, ids: [id] };
    for (const member of unit.ids) taken.add(member);
    units.push(unit);
  }
  return units;
}
