/** What a drag shows before it is written. A store of its own: it changes with every move, the desk does not. */
import type { ItemId, LineItem } from '@gobrel/core/deck';
import type { Box, Frame, Guide } from '@gobrel/core/geometry';
import { create } from 'zustand';

interface DragPreview {
  /** Frames of items that are being moved, resized or turned. */
  readonly frames: Readonly<Record<ItemId, Frame>>;
  /** What the dragged items snap to just now. */
  readonly guides: readonly Guide[];
  /** A line whose end or middle is being dragged. */
  readonly line: LineItem | null;
  /** The marquee being drawn, in slide units. */
  readonly marquee: Box | null;
}

const nothing: DragPreview = { frames: {}, guides: [], line: null, marquee: null };

export const useDragPreview = create<DragPreview>(() => nothing);

/** Shows nothing any more. */
export function clearDragPreview(): void {
  useDragPreview.setState(nothing);
}
