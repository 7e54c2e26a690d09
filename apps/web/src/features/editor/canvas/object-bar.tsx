/** The commonest actions on what is selected, beside it: by mouse and by touch nobody has to look for them in the panel. */
import { canCarryLink, type Deck, isMovable, isWordBox, type Item, restack, sizeOf } from '@gobrel/core/deck';
import { boundsOfAll } from '@gobrel/core/geometry';
import { BringToFront, Copy, PencilLine, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { IconButton, isCoarsePointer } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { LinkHandle } from '../links/link-handle';
import { typeIn } from '../state/desk';
import type { Editing } from '../state/editing';
import { duplicateSelected, removeSelected } from '../state/item-actions';
import { barPlace } from './bar-place';

interface ObjectBarProps {
  readonly editing: Editing;
  /** What is selected; what is locked among it stays as it is. */
  readonly items: readonly Item[];
  /** CSS pixels a slide unit. */
  readonly scale: number;
  readonly onPickLink: () => void;
}

/** Side of a button, in CSS pixels. */
const BUTTON = { fine: 32, coarse: 44 } as const;

export function ObjectBar({ editing, items, scale, onPickLink }: ObjectBarProps) {
  const { deck, run } = editing;
  const movable = items.filter(isMovable);
  const around = boundsOfAll(movable.map(({ frame }) => frame));
  const [first] = movable;
  if (!around || !first) return null;
  const only = movable.length === 1 ? first : null;
  const ids = movable.map(({ id }) => id);
  const act = (name: string, icon: ReactNode, does: () => void) => (
    <IconButton key={name} name={name} onClick={does} className="!size-8 pointer-coarse:!size-11">
      {icon}
    </IconButton>
  );
  const buttons = [
    only && canCarryLink(only) ? <LinkHandle key="link" editing={editing} item={only} onPick={onPickLink} /> : null,
    only && isWordBox(only)
      ? act(messages.editor.typeInIt, <PencilLine size={16} aria-hidden />, () => typeIn(only.id))
      : null,
    act(messages.editor.duplicate, <Copy size={16} aria-hidden />, () => duplicateSelected(editing, ids)),
    act(messages.editor.toFront, <BringToFront size={16} aria-hidden />, () => run(restack(deck, ids, 'front'))),
    act(messages.editor.removeItem, <Trash2 size={16} aria-hidden className="text-berry" />, () =>
      removeSelected(editing, ids),
    ),
  ].filter((button) => button !== null);
  const touched = isCoarsePointer();
  const side = touched ? BUTTON.coarse : BUTTON.fine;
  const bar = { width: side + 2, height: side * buttons.length + 2 };
  const box = { x: around.x * scale, y: around.y * scale, width: around.width * scale, height: around.height * scale };
  const at = barPlace(box, bar, seen(deck, scale), touched);
  return (
    <div
      role="toolbar"
      aria-label={messages.editor.actionsOnIt}
      aria-orientation="vertical"
      className="absolute z-10 flex flex-col rounded-md border border-edge bg-card"
      style={{ left: at.x, top: at.y }}
      // A press on it is no press on the slide below.
      onPointerDown={(event) => event.stopPropagation()}
      onDoubleClick={(event) => event.stopPropagation()}
    >
      {buttons}
    </div>
  );
}

function seen(deck: Deck, scale: number) {
  const { width, height } = sizeOf(deck);
  return { x: 0, y: 0, width: width * scale, height: height * scale };
}
