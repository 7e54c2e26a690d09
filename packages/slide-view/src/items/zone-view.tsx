/** Draws a zone with its label. */
import type { ZoneItem } from '@gobrel/core/deck';
import type { ItemProps } from './item-props.js';

export function ZoneView({ item }: ItemProps<ZoneItem>) {
  return <div className="gv-zone">{item.label}</div>;
}
