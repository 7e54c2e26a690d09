/** What a screen reader says while something is sorted. */
import type { DndContextProps, UniqueIdentifier } from '@dnd-kit/core';
import { messages } from '../messages';

/** What an entry of a sortable list is called to screen readers; for `useSortable`. */
export const sortable = { roleDescription: messages.sorting.role };

/**
 * For a sortable list's `accessibility`.
 * @param ids    what is sorted, in order
 * @param nameOf what each is called
 */
export function spokenSorting(
  ids: readonly string[],
  nameOf: (id: string) => string,
): NonNullable<DndContextProps['accessibility']> {
  const says = messages.sorting;
  const at = (id: UniqueIdentifier, place: UniqueIdentifier) => ({
    name: nameOf(String(id)),
    place: ids.indexOf(String(place)) + 1,
    of: ids.length,
  });
  return {
    screenReaderInstructions: { draggable: says.instructions },
    announcements: {
      onDragStart: ({ active }) => says.pickedUp(at(active.id, active.id)),
      onDragOver: ({ active, over }) => (over ? says.over(at(active.id, over.id)) : undefined),
      onDragEnd: ({ active, over }) => says.putDown(at(active.id, over?.id ?? active.id)),
      onDragCancel: ({ active }) => says.putBack({ name: nameOf(String(active.id)) }),
    },
  };
}
