/** Where a region comes to be while it is drawn or moved, in shares of its picture. */
import type { Region } from '@gobrel/core/deck';

interface Place {
  readonly x: number;
  readonly y: number;
}

/** A region between where a drag began and where it is. */
export function drawnRegion(region: Region, from: Place, to: Place): Region {
  return {
    ...region,
    x: Math.min(from.x, to.x),
    y: Math.min(from.y, to.y),
    width: Math.abs(to.x - from.x),
    height: Math.abs(to.y - from.y),
  };
}

/** A region taken along by a drag, kept within the picture. */
export function movedRegion(region: Region, from: Place, to: Place): Region {
  const within = (at: number, size: number) => Math.min(1 - size, Math.max(0, at));
  return {
    ...region,
    x: within(region.x + to.x - from.x, region.width),
    y: within(region.y + to.y - from.y, region.height),
  };
}
