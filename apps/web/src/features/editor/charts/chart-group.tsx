/** What a chart shows and how: its form, its title, its table. */
import { type ChartForm, chartForms, type ChartItem, nameOf, setItemFields, tablesOn } from '@gobrel/core/deck';
import { ChartColumn, ChartLine, ChartPie, ChartScatter, type LucideIcon } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { Choose, Field } from '../../../shared/ui';
import { Group, NumberField, PickField, POINTS, SwitchRow } from '../panel/parts';
import type { Editing } from '../state/editing';

/** How forms of charts are shown. */
export const chartIcons: Readonly<Record<ChartForm, LucideIcon>> = {
  bars: ChartColumn,
  lines: ChartLine,
  parts: ChartPie,
  dots: ChartScatter,
};

export function ChartGroup({ editing: { deck, run }, item }: { editing: Editing; item: ChartItem }) {
  const says = messages.charts;
  const set = (fields: Parameters<typeof setItemFields>[2]) => run(setItemFields(deck, item.id, fields));
  const tables = tablesOn(deck, item.slideId);
  return (
    <Group title={says.title}>
      <Choose
        label={says.form}
        value={item.form}
        options={chartForms.map((value) => {
          const Icon = chartIcons[value];
          return { value, name: says.forms[value], icon: <Icon size={18} aria-hidden /> };
        })}
        onChange={(form) => set({ form })}
      />
      <div className="my-3">
        <Field
          label={says.heading}
          value={item.title}
          maxLength={200}
          onChange={({ target }) => set({ title: target.value })}
        />
      </div>
      <PickField label={says.table} value={item.table ?? ''} onChange={(table) => set({ table: table || null })}>
        {item.table === null || !tables.some(({ id }) => id === item.table) ? (
          <option value={item.table ?? ''}>{says.noTable}</option>
        ) : null}
        {tables.map((table, place) => (
          <option key={table.id} value={table.id}>
            {nameOf(table) || says.nthTable({ place: place + 1 })}
          </option>
        ))}
      </PickField>
      <p className="mb-2 text-sm text-soft">{says.follows}</p>
      <SwitchRow label={says.isSaid} on={item.isSaid} onChange={(isSaid) => set({ isSaid })} />
      <div className="mt-2">
        <NumberField
          label={messages.editor.size}
          value={item.size * POINTS}
          least={8}
          most={60}
          onChange={(points) => set({ size: points / POINTS })}
        />
      </div>
    </Group>
  );
}
