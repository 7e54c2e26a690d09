/** Dragging slides and sections of the running order, by mouse, touch and keys; several slides go together. */
import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { blockOf, type Deck, type Entry, moveEntries, type SlideId } from '@gobrel/core/deck';
import { type CSSProperties, type ReactNode, useMemo } from 'react';
import { messages, slideName } from '../../../shared/messages';
import { sortable, spokenSorting, useSortingSensors } from '../../../shared/sorting';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';

interface SortableOrderProps {
  readonly deck: Deck;
  readonly run: Editing['run'];
  /** The entries in sight, in order. */
  readonly entries: readonly Entry[];
  /** The slides chosen together. */
  readonly chosen: readonly SlideId[];
  readonly children: ReactNode;
}

/** Nothing makes room while something is dragged: a bar shows where it will stand. */
const noRoomMade = () => null;

export function SortableOrder({ deck, run, entries, chosen, children }: SortableOrderProps) {
  const sensors = useSortingSensors();
  // Sorting starts anew whenever the list of ids is another one, so it is kept while the order is the same.
  const key = useMemo(() => entries.map((entry) => entry.id).join(' '), [entries]);
  const items = useMemo(() => (key === '' ? [] : key.split(' ')), [key]);
  const spoken = useMemo(() => spokenSorting(items, (id) => entryName(deck, id)), [items, deck]);
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const dragged = String(active.id);
    const onto = String(over.id);
    const moving = chosen.includes(dragged) ? chosen : [dragged];
    const side = items.indexOf(dragged) < items.indexOf(onto) ? 'after' : 'before';
    const isFolded = useDesk.getState().folded.has(onto);
    const beside = side === 'after' && isFolded ? (blockOf(deck, onto).at(-1)?.id ?? onto) : onto;
    run(moveEntries(deck, moving, { id: beside, side }));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} accessibility={spoken} onDragEnd={drop}>
      <SortableContext items={items} strategy={noRoomMade}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** What makes an entry of the running order one that can be dragged. */
export function useDragged(id: string) {
  const sorted = useSortable({ id, attributes: sortable });
  const { attributes, listeners, setNodeRef, transform, isDragging, isOver, activeIndex, index } = sorted;
  const { setDraggableNodeRef, setDroppableNodeRef } = sorted;
  const style: CSSProperties = { transform: CSS.Translate.toString(transform), ...(isDragging ? { zIndex: 5 } : {}) };
  const marker = isOver && !isDragging ? (activeIndex < index ? ('after' as const) : ('before' as const)) : null;
  return { attributes, listeners, setNodeRef, setDraggableNodeRef, setDroppableNodeRef, style, isDragging, marker };
}

/** The bar that shows where something will stand when it is let go. */
export function DropMarker({ side }: { side: 'before' | 'after' | null }) {
  if (!side) return null;
  return (
    <span
      aria-hidden
      className={`absolute inset-y-0 w-1 rounded bg-dusk ${side === 'before' ? '-start-2' : '-end-2'}`}
    />
  );
}

/** What a slide or a section is called. */
function entryName(deck: Deck, id: string): string {
  return deck.sections[id] ? deck.sections[id].title || messages.order.unnamedSection : slideName(deck, id);
}
