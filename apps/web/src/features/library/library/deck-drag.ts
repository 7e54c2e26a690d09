/** Decks that are dragged to a unit, or to the archive. */
import { type DragEvent, useState } from 'react';

/** What is dragged, by the browser's own name for it. */
const TYPE = 'application/x-gobrel-decks';

/** Lets something be dragged that stands for decks. @param idsOf the decks that go along, asked when it begins */
export function dragsDecks(idsOf: () => readonly string[]) {
  return {
    draggable: true,
    onDragStart: (event: DragEvent) => {
      event.dataTransfer.setData(TYPE, JSON.stringify(idsOf()));
      event.dataTransfer.effectAllowed = 'move';
    },
  };
}

/** Lets decks be dropped on something: what it needs for that, and whether decks are over it. */
export function useDeckDrop(onDrop: (deckIds: readonly string[]) => void) {
  const [isOver, setIsOver] = useState(false);
  const takes = (event: DragEvent) => event.dataTransfer.types.includes(TYPE);
  return {
    isOver,
    handlers: {
      onDragOver: (event: DragEvent) => {
        if (!takes(event)) return;
        event.preventDefault();
        setIsOver(true);
      },
      onDragLeave: () => setIsOver(false),
      onDrop: (event: DragEvent) => {
        setIsOver(false);
        if (!takes(event)) return;
        event.preventDefault();
        const ids: unknown = JSON.parse(event.dataTransfer.getData(TYPE));
        if (Array.isArray(ids)) onDrop(ids.filter((id): id is string => typeof id === 'string'));
      },
    },
  };
}
