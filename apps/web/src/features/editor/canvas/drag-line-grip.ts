/** Dragging an end or the middle of the selected line. */
import { sizeOf } from '@gobrel/core/deck';
import type { Dragging } from '@gobrel/slide-view';
import { useDesk } from '../state/desk';
import { draggedLine, type LineGrip, lineAfter } from './drag-line';
import { clearDragPreview, useDragPreview } from './drag-preview';
import type { Press } from './drag-surface';

export function dragLine({ deck, editing, pointAt }: Press, grip: LineGrip): Dragging {
  const [id = ''] = useDesk.getState().selected;
  const changesFor = (at: PointerEvent) =>
    draggedLine(deck, id, grip, pointAt(at), { tie: !at.ctrlKey && !at.metaKey, slide: sizeOf(deck) });
  return {
    move: (at) => useDragPreview.setState({ line: lineAfter(deck, id, changesFor(at)) }),
    drop: (at) => {
      clearDragPreview();
      editing.run(changesFor(at));
    },
    breakOff: clearDragPreview,
  };
}
