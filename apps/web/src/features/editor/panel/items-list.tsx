/** Everything on the slide as a list, the front one first: to select, name, order, lock and put out of sight. */
import {
  type Item,
  itemsOf,
  type ItemKindName,
  nameOf,
  setHidden,
  setItemFields,
  setLocked,
  type SlideId,
  stackAt,
} from '@gobrel/core/deck';
import { ChevronDown, ChevronUp, Eye, EyeOff, Lock, LockOpen } from 'lucide-react';
import { BackdropIcon } from '../../../shared/drawings';
import { Button, IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { Group } from './parts';

export function ItemsList({ editing, slideId }: { editing: Editing; slideId: SlideId }) {
  const items = itemsOf(editing.deck, slideId);
  const kinds = new Map<ItemKindName, string[]>();
  for (const item of items.filter((each) => each.layer === 'slide' && !each.hidden))
    kinds.set(item.kind, [...(kinds.get(item.kind) ?? []), item.id]);
  if (items.length === 0) return <p className="text-soft">{messages.editor.noItems}</p>;
  return (
    <>
      <ul aria-label={messages.editor.listedItems} className="mb-4 border-t border-rule">
        {[...items].reverse().map((item) => (
          <Row key={item.id} editing={editing} item={item} />
        ))}
      </ul>
      <Group title={messages.editor.selectKind}>
        <div className="flex flex-wrap gap-1">
          {[...kinds].map(([kind, ids]) => (
            <Button key={kind} look="quiet" className="!border-rule" onClick={() => select(...ids)}>
              {messages.editor.selectEvery({ kind: messages.kinds[kind], count: ids.length })}
            </Button>
          ))}
        </div>
      </Group>
    </>
  );
}

function Row({ editing, item }: { editing: Editing; item: Item }) {
  const { deck, run } = editing;
  const isSelected = useDesk((desk) => desk.selected.includes(item.id));
  const label = nameOf(item) || messages.kinds[item.kind];
  const layer = itemsOf(deck, item.slideId).filter((other) => other.layer === item.layer);
  const place = layer.findIndex((other) => other.id === item.id);
  return (
    <li className={`border-b border-rule [content-visibility:auto] ${isSelected ? 'bg-dusk-wash' : ''}`}>
      <div className="flex items-center">
        <input
          aria-label={messages.editor.nameOfItem({ label })}
          value={item.name}
          placeholder={label}
          maxLength={120}
          onFocus={() => select(item.id)}
          onChange={(event) => run(setItemFields(deck, item.id, { name: event.target.value }))}
          className={`min-h-control min-w-0 flex-1 bg-transparent px-1 placeholder:text-ink ${item.hidden ? 'line-through opacity-70' : ''}`}
        />
        <IconButton
          name={item.locked ? messages.editor.unlockItem({ label }) : messages.editor.lockItem({ label })}
          pressed={item.locked}
          className="!size-9 pointer-coarse:!size-11"
          onClick={() => run(setLocked(deck, [item.id], !item.locked))}
        >
          {item.locked ? <Lock size={16} aria-hidden /> : <LockOpen size={16} aria-hidden />}
        </IconButton>
        <IconButton
          name={item.hidden ? messages.editor.show({ label }) : messages.editor.hide({ label })}
          pressed={item.hidden}
          className="!size-9 pointer-coarse:!size-11"
          onClick={() => run(setHidden(deck, [item.id], !item.hidden))}
        >
          {item.hidden ? <EyeOff size={16} aria-hidden /> : <Eye size={16} aria-hidden />}
        </IconButton>
      </div>
      {isSelected ? (
        <div className="flex items-center justify-between ps-1">
          <span className="text-sm text-soft">
            {item.layer === 'backdrop' ? <BackdropIcon size={16} aria-hidden className="me-1 inline" /> : null}
            {messages.kinds[item.kind]}
            {item.layer === 'backdrop' ? `, ${messages.editor.backdrop}` : ''}
          </span>
          <span>
            <IconButton
              name={messages.editor.forward({ label })}
              disabled={place >= layer.length - 1}
              onClick={() => run(stackAt(deck, item.id, place + 1))}
            >
              <ChevronUp size={18} aria-hidden />
            </IconButton>
            <IconButton
              name={messages.editor.backward({ label })}
              disabled={place <= 0}
              onClick={() => run(stackAt(deck, item.id, place - 1))}
            >
              <ChevronDown size={18} aria-hidden />
            </IconButton>
          </span>
        </div>
      ) : null}
    </li>
  );
}
