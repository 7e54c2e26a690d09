/** Where the bar of actions stands beside what is selected. All lengths in CSS pixels, from the slide's top left corner. */
import type { Box, Point } from '@gobrel/core/geometry';

/** How far it stands from what is selected, so that handles at its corners can be grasped, and from the slide's edge. */
const APART = { fine: 18, coarse: 34 } as const;
const RIM = 4;

interface Size {
  readonly width: number;
  readonly height: number;
}

/**
 * On the right, or on the left where there is no room, or within where there is room on neither side.
 * @param around the box of what is selected
 * @param area what the bar has to stay in: the slide, and what is to be seen beside it
 */
export function barPlace(around: Box, bar: Size, area: Box, touched: boolean): Point {
  const apart = touched ? APART.coarse : APART.fine;
  const right = around.x + around.width + apart;
  const left = around.x - apart - bar.width;
  const most = area.x + area.width - bar.width - RIM;
  const x = right <= most ? right : left >= area.x + RIM ? left : Math.min(most, around.x + around.width - bar.width);
  const lowest = area.y + area.height - bar.height - RIM;
  return { x: Math.max(area.x + RIM, Math.min(most, x)), y: Math.max(area.y + RIM, Math.min(lowest, around.y)) };
}
