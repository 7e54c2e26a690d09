/** Where the slide lies in the middle of the editor, and at what scale. All lengths in CSS pixels. */
import type { Box, Point } from '@gobrel/core/geometry';

/** The slide's top left corner in the area, and CSS pixels a slide unit. */
export interface View extends Point {
  readonly scale: number;
}

interface Size {
  readonly width: number;
  readonly height: number;
}

/** Scales between a slide as small as a stamp and one letter that fills the screen. */
const SCALES = { least: 0.08, most: 8 };
/** One press of a zoom key or button. */
export const ZOOM_STEP = 1.25;
/** Room left around what is zoomed to. */
const MARGIN = 40;

/** The view scaled by `factor`; `fixed`, a point of the area, stays over the same point of the slide. */
export function zoomAt(view: View, factor: number, fixed: Point): View {
  const scale = Math.min(SCALES.most, Math.max(SCALES.least, view.scale * factor));
  const grown = scale / view.scale;
  return { scale, x: fixed.x - (fixed.x - view.x) * grown, y: fixed.y - (fixed.y - view.y) * grown };
}

/** The view shifted, but never so far that the slide is lost from sight. */
export function panBy(view: View, dx: number, dy: number, area: Size, slide: Size): View {
  const keep = (at: number, length: number, room: number) =>
    Math.min(room - MARGIN, Math.max(MARGIN - length * view.scale, at));
  return {
    ...view,
    x: keep(view.x + dx, slide.width, area.width),
    y: keep(view.y + dy, slide.height, area.height),
  };
}

/** The view in which a box of the slide (in slide units) fills the area. */
export function viewOn(box: Box, area: Size): View {
  const room = { width: area.width - 2 * MARGIN, height: area.height - 2 * MARGIN };
  const wanted = Math.min(room.width / Math.max(1, box.width), room.height / Math.max(1, box.height));
  const scale = Math.min(SCALES.most, Math.max(SCALES.least, wanted));
  return {
    scale,
    x: area.width / 2 - (box.x + box.width / 2) * scale,
    y: area.height / 2 - (box.y + box.height / 2) * scale,
  };
}
