/** Draws a viewpoint: a frame while editing, and in the show when its author wants one. */
import type { ViewpointItem } from '@gobrel/core/deck';
import type { ItemProps } from './item-props.js';

export function ViewpointView({ item, editing }: ItemProps<ViewpointItem>) {
  return (
    <div className={`gv-viewpoint ${item.framed ? 'gv-viewpoint-framed' : ''} ${editing ? 'gv-viewpoint-seen' : ''}`}>
      {editing ? <span>{item.name}</span> : null}
    </div>
  );
}
