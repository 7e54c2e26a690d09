/** A handle beside what is selected: dragged to a slide, it ties the link; pressed, it lets one choose. */
import type { Item } from '@gobrel/core/deck';
import { boundsOf } from '@gobrel/core/geometry';
import { Link2 } from 'lucide-react';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { useLinkDrag } from './use-link-drag';

interface LinkHandleProps {
  readonly editing: Editing;
  readonly item: Item;
  /** CSS pixels a slide unit. */
  readonly scale: number;
  readonly onPick: () => void;
}

/** From the item's corner to the handle, in CSS pixels: a finger needs more room between it and the corner's own. */
const APART = { fine: 22, coarse: 46 };

export function LinkHandle({ editing, item, scale, onPick }: LinkHandleProps) {
  const { handlers, drawn } = useLinkDrag(editing, item.id, onPick);
  const box = boundsOf(item.frame);
  const apart = matchMedia('(pointer: coarse)').matches ? APART.coarse : APART.fine;
  return (
    <>
      <button
        type="button"
        aria-label={messages.editor.dragLink}
        title={messages.editor.dragLink}
        className="absolute z-10 flex size-7 -translate-x-1/2 -translate-y-1/2 cursor-grab touch-none items-center justify-center rounded-full border-2 border-clay bg-card text-clay pointer-coarse:size-11"
        style={{ left: (box.x + box.width) * scale + apart, top: (box.y + box.height) * scale + apart }}
        {...handlers}
      >
        <Link2 size={15} aria-hidden />
      </button>
      {drawn}
    </>
  );
}
