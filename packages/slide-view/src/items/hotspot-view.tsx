/** Draws a hotspot: nothing in the show, its outline while editing. */
import type { HotspotItem } from '@gobrel/core/deck';
import type { ItemProps } from './item-props.js';

export function HotspotView({ editing }: ItemProps<HotspotItem>) {
  return <div className={editing ? 'gv-hotspot gv-hotspot-seen' : 'gv-hotspot'} />;
}
