/** Drawing a box on the slide: around items to select them, or around what a viewpoint shall show. */
import { itemsOf, type ItemId } from '@gobrel/core/deck';
import { type Box, boundsOf, boxesMeet, type Point } from '@gobrel/core/geometry';
import type { Dragging } from '@gobrel/slide-view';
import { select, useDesk } from '../state/desk';
import { wholeUnits } from '../state/selecting';
import { clearDragPreview, useDragPreview } from './drag-preview';
import type { Press } from './drag-surface';
import { placeViewpoint } from './draw-viewpoint';

/** @param selected what was selected before, and stays so when Shift is held */
export function dragMarquee({ deck, editing, slideId, from, pointAt }: Press, selected: readonly ItemId[]): Dragging {
  const { drawing } = useDesk.getState();
  const selectIn = (box: Box, withShift: boolean) => {
    const met = itemsOf(deck, slideId).filter(
      (item) => item.layer === 'slide' && !item.hidden && boxesMeet(boundsOf(item.frame), box),
    );
    select(...new Set([...(withShift ? selected : []), ...wholeUnits(deck, met)]));
  };
  return {
    move: (at) => useDragPreview.setState({ marquee: boxBetween(from, pointAt(at)) }),
    drop: (at) => {
      clearDragPreview();
      const box = boxBetween(from, pointAt(at));
      if (drawing) placeViewpoint(editing, slideId, box);
      else selectIn(box, at.shiftKey);
    },
    ...(drawing ? { press: () => placeViewpoint(editing, slideId, null) } : {}),
    breakOff: clearDragPreview,
  };
}

function boxBetween(a: Point, b: Point): Box {
  return { x: Math.min(a.x, b.x), y: Math.min(a.y, b.y), width: Math.abs(a.x - b.x), height: Math.abs(a.y - b.y) };
}
