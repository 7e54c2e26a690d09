/** What a drag shows before it is written. Stores of their own: they change with every move, the desk does not. */
import type { ItemId, LineItem } from '@gobrel/core/deck';
import type { Box, Frame, Guide } from '@gobrel/core/geometry';
import { create } from 'zustand';

interface DragPreview {
  /** Frames of items that are being resized or turned, and drawn anew. */
  readonly frames: Readonly<Record<ItemId, Frame>>;
  /** Frames of items that are only being moved: their drawings are shifted, and the lines tied to them follow. */
  readonly shifted: Readonly<Record<ItemId, Frame>>;
  /** A line whose end or middle is being dragged. */
  readonly line: LineItem | null;
  /** The marquee being drawn, in slide units. */
  readonly marquee: Box | null;
}

const nothing: DragPreview = { frames: {}, shifted: {}, line: null, marquee: null };

export const useDragPreview = create<DragPreview>(() => nothing);

/** What the dragged items snap to just now. Apart from the rest, which every item on the slide looks at. */
export const useGuides = create<{ readonly guides: readonly Guide[] }>(() => ({ guides: [] }));

/** Shows the guides, unless there were none and are none. */
export function showGuides(guides: readonly Guide[]): void {
  if (guides.length > 0 || useGuides.getState().guides.length > 0) useGuides.setState({ guides });
}

/** Shows nothing any more. */
export function clearDragPreview(): void {
  useDragPreview.setState(nothing);
  showGuides([]);
}
