/** Drawing a viewpoint: the next drag on the slide says where it is. */
import { addViewpoint, newId, type SlideId, viewpointsOn } from '@gobrel/core/deck';
import type { Box } from '@gobrel/core/geometry';
import { showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';

/** The smallest side that counts as drawn, in slide units. */
const SMALLEST = 24;

/** Waits for a region to be drawn, and says so. */
export function beginViewpoint(): void {
  select();
  useDesk.setState({ drawing: true });
  showToast(messages.editor.drawViewpoint);
}

/** Places the viewpoint that was drawn; in the middle of the slide when nothing was. */
export function placeViewpoint({ deck, run }: Editing, slideId: SlideId, drawn: Box | null): void {
  useDesk.setState({ drawing: false });
  const id = newId();
  const name = messages.editor.newViewpoint({ place: viewpointsOn(deck, slideId).length + 1 });
  const isDrawn = drawn !== null && drawn.width >= SMALLEST && drawn.height >= SMALLEST;
  run(addViewpoint(deck, { id, slideId, name, ...(isDrawn ? { frame: { ...drawn, rotation: 0 } } : {}) }));
  select(id);
}
