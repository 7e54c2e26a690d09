/** The viewpoints of the slide that is worked on, in the order in which the show travels to them; sorted like slides. */
import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { horizontalListSortingStrategy, SortableContext, useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { type Deck, orderViewpoint, type SlideId, type ViewpointItem, viewpointsInOrder } from '@gobrel/core/deck';
import { ShowStage } from '@gobrel/slide-view';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { sortable, spokenSorting, useSortingSensors } from '../../../shared/sorting';
import { IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';

/** Size of a viewpoint's picture, in CSS pixels. */
const PICTURE = { width: 88, height: 50 };

export function ViewpointStrip({ editing, slideId }: { editing: Editing; slideId: SlideId }) {
  const { deck, run } = editing;
  const viewpoints = viewpointsInOrder(deck, slideId);
  const sensors = useSortingSensors();
  if (viewpoints.length === 0) return null;
  const ids = viewpoints.map(({ id }) => id);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) run(orderViewpoint(deck, String(active.id), ids.indexOf(String(over.id))));
  };
  return (
    <section
      aria-label={messages.editor.viewpointsInOrder}
      className="flex items-center gap-3 border-t border-rule px-3 py-1"
    >
      <h2 className="w-20 flex-none font-sans text-xs leading-tight font-semibold text-soft">
        {messages.editor.viewpointsInOrder}
      </h2>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        accessibility={spokenSorting(
          ids,
          (id) => viewpoints.find((each) => each.id === id)?.name || messages.kinds.viewpoint,
        )}
        onDragEnd={drop}
      >
        <SortableContext items={ids} strategy={horizontalListSortingStrategy}>
          <ol className="flex min-w-0 gap-2 overflow-x-auto p-1">
            {viewpoints.map((viewpoint, place) => (
              <Tile
                key={viewpoint.id}
                deck={deck}
                viewpoint={viewpoint}
                place={place}
                count={ids.length}
                onMove={(to) => run(orderViewpoint(deck, viewpoint.id, to))}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </section>
  );
}

interface TileProps {
  readonly deck: Deck;
  readonly viewpoint: ViewpointItem;
  readonly place: number;
  readonly count: number;
  readonly onMove: (place: number) => void;
}

function Tile({ deck, viewpoint, place, count, onMove }: TileProps) {
  const { id, slideId } = viewpoint;
  const name = viewpoint.name || messages.links.unnamedViewpoint;
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id, attributes: sortable });
  const isSelected = useDesk((desk) => desk.selected.includes(id));
  return (
    <li
      ref={setNodeRef}
      className="flex flex-none items-center"
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`${place + 1} ${name}`}
        aria-pressed={isSelected}
        className={`rounded text-start text-xs ${isSelected ? 'outline-3 outline-offset-1 outline-dusk' : ''}`}
        onClick={() => select(id)}
      >
        <span aria-hidden className="pointer-events-none block overflow-hidden rounded border border-ink/70">
          <ShowStage deck={deck} stop={{ slideId, viewpointId: id, appeared: Infinity }} room={PICTURE} label="" />
        </span>
        <span className="block w-[88px] truncate">
          {place + 1} {name}
        </span>
      </button>
      {isSelected ? (
        <span className="flex">
          <IconButton
            name={messages.editor.viewpointEarlier({ name })}
            disabled={place === 0}
            onClick={() => onMove(place - 1)}
          >
            <ChevronLeft size={18} aria-hidden />
          </IconButton>
          <IconButton
            name={messages.editor.viewpointLater({ name })}
            disabled={place === count - 1}
            onClick={() => onMove(place + 1)}
          >
            <ChevronRight size={18} aria-hidden />
          </IconButton>
        </span>
      ) : null}
    </li>
  );
}
