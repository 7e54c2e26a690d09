/** How a line runs: its way, what it begins and ends with, and what it is tied to. */
import {
  type Item,
  itemsOf,
  type LineEnd,
  type LineHead,
  lineHeads,
  type LineItem,
  nameOf,
  setItemFields,
  setLineEnd,
  setLineCourse,
} from '@gobrel/core/deck';
import { connectorStyles } from '@gobrel/core/geometry';
import { useId } from 'react';
import { Choose } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { OutlineGroup } from './outline-group';
import { Group, NumberField } from './parts';
import { themeAt } from './theme-at';

export function LineGroup({ editing, item }: { editing: Editing; item: LineItem }) {
  const { deck, run } = editing;
  const set = (fields: Parameters<typeof setItemFields>[2]) => run(setItemFields(deck, item.id, fields));
  const others = itemsOf(deck, item.slideId).filter((other) => other.kind !== 'line' && !other.hidden);
  const tie = (which: 'from' | 'to') => (id: string) => {
    if (id !== '') return run(setLineEnd(deck, item.id, which, { at: id, side: null }));
    set({ [which]: { ...item[which], at: null, side: null } });
  };
  return (
    <>
      <Group title={messages.lines.way}>
        <Choose
          label={messages.lines.way}
          value={item.connectorStyle}
          options={connectorStyles.map((way) => ({
            value: way,
            name: messages.lines.ways[way],
            icon: (
              <svg width="40" height="22" viewBox="0 0 40 22" aria-hidden="true">
                <path d={samples[way]} fill="none" stroke="currentColor" strokeWidth={3} />
              </svg>
            ),
          }))}
          onChange={(connectorStyle) => run(setLineCourse(deck, item.id, { connectorStyle }))}
        />
        <div className="mt-2">
          <NumberField
            label={messages.lines.bend}
            value={item.bend}
            step={10}
            onChange={(bend) => run(setLineCourse(deck, item.id, { bend }))}
          />
        </div>
      </Group>
      <Group title={messages.lines.ends}>
        <div className="grid gap-2">
          {(['from', 'to'] as const).map((which) => (
            <EndFields
              key={which}
              which={which}
              end={item[which]}
              others={others}
              onHead={(head) => set({ [which]: { ...item[which], head } })}
              onTie={tie(which)}
            />
          ))}
        </div>
      </Group>
      <OutlineGroup theme={themeAt(deck, item.slideId)} item={item} onChange={set} />
    </>
  );
}

const samples = { straight: 'M3 18L37 4', elbow: 'M3 18H20V4H37', curve: 'M3 18Q20-10 37 10' } as const;

interface EndFieldsProps {
  readonly which: 'from' | 'to';
  readonly end: LineEnd;
  readonly others: readonly Item[];
  readonly onHead: (head: LineHead) => void;
  readonly onTie: (id: string) => void;
}

const fieldLook = 'min-h-control w-full min-w-0 rounded-md border border-edge bg-card px-2';

function EndFields({ which, end, others, onHead, onTie }: EndFieldsProps) {
  const id = useId();
  return (
    <div className="grid grid-cols-[5.5rem_1fr] items-center gap-x-2 gap-y-1 text-sm">
      <label htmlFor={`${id}-head`} className="text-soft">
        {which === 'from' ? messages.lines.begins : messages.lines.endsWith}
      </label>
      <select
        id={`${id}-head`}
        value={end.head}
        onChange={(event) => {
          const head = lineHeads.find((each) => each === event.target.value);
          if (head) onHead(head);
        }}
        className={fieldLook}
      >
        {lineHeads.map((head) => (
          <option key={head} value={head}>
            {messages.lines.heads[head]}
          </option>
        ))}
      </select>
      <label htmlFor={`${id}-tie`} className="text-soft">
        {messages.lines[which]}
      </label>
      <select
        id={`${id}-tie`}
        value={end.at ?? ''}
        onChange={(event) => onTie(event.target.value)}
        className={fieldLook}
      >
        <option value="">{messages.lines.free}</option>
        {others.map((other) => (
          <option key={other.id} value={other.id}>
            {nameOf(other) || messages.kinds[other.kind]}
          </option>
        ))}
      </select>
    </div>
  );
}
