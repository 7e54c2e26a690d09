/** Draws a viewpoint: a frame while editing, and in the show when its author wants one. */
import type { ViewpointItem } from '@gobrel/core/deck';
import type { ItemProps } from './item-props.js';

/** Room for the name above the frame, in slide units; nearer to the slide's top it stands within. */
const NAME = 34;

/** While editing it is grasped by its edge or its name: what it looks at stays in reach. */
export function ViewpointView({ item, editing }: ItemProps<ViewpointItem>) {
  return (
    <div className={`gv-viewpoint ${item.framed ? 'gv-viewpoint-framed' : ''} ${editing ? 'gv-viewpoint-seen' : ''}`}>
      {editing ? (
        <>
          <svg className="gv-line" width="100%" height="100%" aria-hidden>
            <rect className="gv-grasp gv-edge" width="100%" height="100%" />
          </svg>
          <span className={item.frame.y < NAME ? 'gv-within' : ''}>{item.name}</span>
        </>
      ) : null}
    </div>
  );
}
