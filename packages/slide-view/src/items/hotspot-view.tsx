/** Draws a hotspot: nothing in the show but where it can be pressed, its outline while editing. */
import { type HotspotItem, shapePath } from '@gobrel/core/deck';
import type { ItemProps } from './item-props.js';

export function HotspotView({ item, editing }: ItemProps<HotspotItem>) {
  const { width, height } = item.frame;
  return (
    <svg className="gv-hotspot" width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      <path className={editing ? 'gv-hotspot-seen' : ''} d={shapePath(item.shape, width, height)} fill="transparent" />
    </svg>
  );
}
