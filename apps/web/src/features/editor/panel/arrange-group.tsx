/** Putting what is selected in line, into groups, and under lock. */
import {
  alignItems,
  type Alignment,
  applyFormat,
  distributeItems,
  duplicateItems,
  formatOf,
  groupItems,
  type ItemId,
  newId,
  removeItems,
  restack,
  setLocked,
  unitsAmong,
  ungroup,
} from '@gobrel/core/deck';
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
  Copy,
  Group as GroupIcon,
  Lock,
  LockOpen,
  Paintbrush,
  PaintRoller,
  SendToBack,
  Trash2,
  Ungroup,
} from 'lucide-react';
import { IconButton, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { Group } from './parts';

const alignments: readonly (readonly [Alignment, typeof Copy])[] = [
  ['left', AlignStartVertical],
  ['centre', AlignCenterVertical],
  ['right', AlignEndVertical],
  ['top', AlignStartHorizontal],
  ['middle', AlignCenterHorizontal],
  ['bottom', AlignEndHorizontal],
];

export function ArrangeGroup({ editing, ids }: { editing: Editing; ids: readonly ItemId[] }) {
  const { deck, run } = editing;
  const format = useDesk((desk) => desk.format);
  const units = unitsAmong(deck, ids);
  const groups = units.flatMap((unit) => unit.group ?? []);
  const isLocked = ids.every((id) => deck.items[id]?.locked);
  const names = units.length > 1 ? messages.editor.alignments : messages.editor.alignmentsToSlide;
  const first = deck.items[ids[0] ?? ''];
  return (
    <Group title={messages.editor.arrange}>
      <div className="flex flex-wrap" role="group" aria-label={messages.editor.arrange}>
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
        {units.length > 1 ? (
          <IconButton name={messages.editor.group} onClick={() => run(groupItems(deck, ids, newId()))}>
            <GroupIcon size={18} aria-hidden />
          </IconButton>
        ) : null}
        {groups.length > 0 ? (
          <IconButton
            name={messages.editor.ungroup}
            onClick={() => run(groups.flatMap((group) => ungroup(deck, group)))}
          >
            <Ungroup size={18} aria-hidden />
          </IconButton>
        ) : null}
        <IconButton name={messages.editor.toFront} onClick={() => run(restack(deck, ids, 'front'))}>
          <BringToFront size={18} aria-hidden />
        </IconButton>
        <IconButton name={messages.editor.toBack} onClick={() => run(restack(deck, ids, 'back'))}>
          <SendToBack size={18} aria-hidden />
        </IconButton>
        <IconButton
          name={isLocked ? messages.editor.unlock : messages.editor.lock}
          pressed={isLocked}
          onClick={() => run(setLocked(deck, ids, !isLocked))}
        >
          {isLocked ? <Lock size={18} aria-hidden /> : <LockOpen size={18} aria-hidden />}
        </IconButton>
        <IconButton
          name={messages.editor.duplicate}
          onClick={() => {
            const { changes, copies } = duplicateItems(deck, ids);
            run(changes);
            select(...copies);
          }}
        >
          <Copy size={18} aria-hidden />
        </IconButton>
        {first && units.length === 1 ? (
          <IconButton
            name={messages.editor.pickUpLook}
            onClick={() => {
              useDesk.setState({ format: formatOf(first) });
              showToast(messages.editor.lookPickedUp);
            }}
          >
            <Paintbrush size={18} aria-hidden />
          </IconButton>
        ) : null}
        {format ? (
          <IconButton name={messages.editor.giveLook} onClick={() => run(applyFormat(deck, ids, format))}>
            <PaintRoller size={18} aria-hidden />
          </IconButton>
        ) : null}
        <IconButton
          name={messages.editor.removeItem}
          className="text-berry"
          disabled={isLocked}
          onClick={() => {
            run(removeItems(deck, ids));
            select();
          }}
        >
          <Trash2 size={18} aria-hidden />
        </IconButton>
      </div>
      {isLocked ? <p className="text-sm text-soft">{messages.editor.lockedHint}</p> : null}
    </Group>
  );
}
