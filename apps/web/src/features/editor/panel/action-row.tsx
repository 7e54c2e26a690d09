/** What is done with what is selected, first of all in its panel. */
import {
  applyFormat,
  formatOf,
  groupItems,
  type ItemId,
  newId,
  setLocked,
  unitsAmong,
  ungroup,
} from '@gobrel/core/deck';
import { Copy, Group as GroupIcon, Lock, LockOpen, Paintbrush, PaintRoller, Trash2, Ungroup } from 'lucide-react';
import { IconButton, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { duplicateSelected, removeSelected } from '../state/item-actions';

export function ActionRow({ editing, ids }: { editing: Editing; ids: readonly ItemId[] }) {
  const { deck, run } = editing;
  const format = useDesk((desk) => desk.format);
  const units = unitsAmong(deck, ids);
  const groups = units.flatMap((unit) => unit.group ?? []);
  const isLocked = ids.every((id) => deck.items[id]?.locked);
  const first = deck.items[ids[0] ?? ''];
  return (
    <>
      <div className="-mx-1.5 mb-2 flex flex-wrap" role="group" aria-label={messages.editor.actions}>
        <IconButton name={messages.editor.duplicate} onClick={() => duplicateSelected(editing, ids)}>
          <Copy size={18} aria-hidden />
        </IconButton>
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
        <IconButton
          name={isLocked ? messages.editor.unlock : messages.editor.lock}
          pressed={isLocked}
          onClick={() => run(setLocked(deck, ids, !isLocked))}
        >
          {isLocked ? <Lock size={18} aria-hidden /> : <LockOpen size={18} aria-hidden />}
        </IconButton>
        {first && units.length === 1 ? (
          <IconButton
            name={messages.editor.pickUpLook}
            onClick={() => {
              useDesk.setState({ format: formatOf(deck.theme, first) });
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
          className="ms-auto text-berry"
          disabled={isLocked}
          onClick={() => removeSelected(editing, ids)}
        >
          <Trash2 size={18} aria-hidden />
        </IconButton>
      </div>
      {isLocked ? <p className="mb-2 text-sm text-soft">{messages.editor.lockedHint}</p> : null}
    </>
  );
}
