/** What a press on the canvas selects: whole groups from outside, one step further in from within. */
import { type Deck, isMovable, type Item, itemsOf, type ItemId, type SlideId, unitOf } from '@gobrel/core/deck';
import { NOT_TYPING, select, useDesk } from './desk';

/** Selects what a press on an item takes; with Shift adds it to the selection or takes it out. */
export function pressItem(deck: Deck, item: Item, withShift: boolean): void {
  const { entered, selected } = useDesk.getState();
  const within = entered !== null && item.groups.includes(entered) ? entered : null;
  const { ids } = unitOf(deck, item, within);
  useDesk.setState({ entered: within, ...NOT_TYPING });
  if (!withShift) return select(...ids);
  const isIn = ids.every((id) => selected.includes(id));
  const others = selected.filter((id) => !ids.includes(id));
  useDesk.setState({ selected: isIn ? others : [...others, ...ids] });
}

/** Goes into the group that an item is in and selects what stands there; says whether there was one to go into. */
export function enterGroup(deck: Deck, item: Item): boolean {
  const { entered } = useDesk.getState();
  const { group } = unitOf(deck, item, entered !== null && item.groups.includes(entered) ? entered : null);
  if (group === null) return false;
  useDesk.setState({ entered: group });
  pressItem(deck, item, false);
  return true;
}

/** Leaves the group that was entered and selects it as a whole; says whether one was. */
export function leaveGroup(deck: Deck, slideId: SlideId): boolean {
  const { entered } = useDesk.getState();
  if (entered === null) return false;
  const members = itemsOf(deck, slideId).filter((item) => item.groups.includes(entered));
  const around = members[0]?.groups ?? [];
  useDesk.setState({ entered: around[around.indexOf(entered) - 1] ?? null });
  select(...members.map((item) => item.id));
  return true;
}

/** The ids of whole units that hold any of the items. */
export function wholeUnits(deck: Deck, items: readonly Item[]): readonly ItemId[] {
  const { entered } = useDesk.getState();
  const within = (item: Item) => (entered !== null && item.groups.includes(entered) ? entered : null);
  return [...new Set(items.flatMap((item) => unitOf(deck, item, within(item)).ids))];
}

/** The items among some that may be moved and removed. */
export function movable(deck: Deck, ids: readonly ItemId[]): readonly ItemId[] {
  return ids.filter((id) => deck.items[id] && isMovable(deck.items[id]));
}
