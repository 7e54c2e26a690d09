/** Putting what is selected in line, apart, and in front of or behind the rest. */
import { alignItems, type Alignment, distributeItems, type ItemId, restack, unitsAmong } from '@gobrel/core/deck';
import {
  AlignCenterHorizontal,
  AlignCenterVertical,
  AlignEndHorizontal,
  AlignEndVertical,
  AlignHorizontalSpaceBetween,
  AlignStartHorizontal,
  AlignStartVertical,
  AlignVerticalSpaceBetween,
  BringToFront,
  type LucideIcon,
  SendToBack,
} from 'lucide-react';
import { IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';

const alignments: readonly (readonly [Alignment, LucideIcon])[] = [
  ['left', AlignStartVertical],
  ['centre', AlignCenterVertical],
  ['right', AlignEndVertical],
  ['top', AlignStartHorizontal],
  ['middle', AlignCenterHorizontal],
  ['bottom', AlignEndHorizontal],
];

export function ArrangeButtons({ editing, ids }: { editing: Editing; ids: readonly ItemId[] }) {
  const { deck, run } = editing;
  const units = unitsAmong(deck, ids);
  const isLocked = ids.every((id) => deck.items[id]?.locked);
  const names = units.length > 1 ? messages.editor.alignments : messages.editor.alignmentsToSlide;
  return (
    <div className="-mx-1.5 flex flex-wrap" role="group" aria-label={messages.editor.arrange}>
      {alignments.map(([to, Icon]) => (
        <IconButton key={to} name={names[to]} disabled={isLocked} onClick={() => run(alignItems(deck, ids, to))}>
          <Icon size={18} aria-hidden />
        </IconButton>
      ))}
      {units.length > 2 ? (
        <>
          <IconButton
            name={messages.editor.distribute.across}
            onClick={() => run(distributeItems(deck, ids, 'across'))}
          >
            <AlignHorizontalSpaceBetween size={18} aria-hidden />
          </IconButton>
          <IconButton name={messages.editor.distribute.down} onClick={() => run(distributeItems(deck, ids, 'down'))}>
            <AlignVerticalSpaceBetween size={18} aria-hidden />
          </IconButton>
        </>
      ) : null}
      <IconButton name={messages.editor.toFront} onClick={() => run(restack(deck, ids, 'front'))}>
        <BringToFront size={18} aria-hidden />
      </IconButton>
      <IconButton name={messages.editor.toBack} onClick={() => run(restack(deck, ids, 'back'))}>
        <SendToBack size={18} aria-hidden />
      </IconButton>
    </div>
  );
}
