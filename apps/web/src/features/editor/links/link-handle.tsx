/** The button that links what is selected: dragged to a slide it ties the link; pressed, it lets one choose. */
import type { Item } from '@gobrel/core/deck';
import { Link2 } from 'lucide-react';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { useLinkDrag } from './use-link-drag';

interface LinkHandleProps {
  readonly editing: Editing;
  readonly item: Item;
  readonly onPick: () => void;
}

export function LinkHandle({ editing, item, onPick }: LinkHandleProps) {
  const { handlers, drawn } = useLinkDrag(editing, item.id, onPick);
  return (
    <>
      <button
        type="button"
        aria-label={messages.editor.dragLink}
        title={messages.editor.dragLink}
        className="flex size-8 cursor-grab touch-none items-center justify-center rounded-md text-clay hover:bg-rule/50 pointer-coarse:size-11"
        {...handlers}
      >
        <Link2 size={17} aria-hidden />
      </button>
      {drawn}
    </>
  );
}
