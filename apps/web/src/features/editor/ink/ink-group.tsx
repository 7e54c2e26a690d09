/** How ink looks: its colour, and how wide it is. */
import { type InkItem, setItemFields } from '@gobrel/core/deck';
import { Pencil } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { Button, Field } from '../../../shared/ui';
import { Colours } from '../panel/colours';
import { NumberField } from '../panel/parts';
import { themeAt } from '../panel/theme-at';
import type { Editing } from '../state/editing';
import { beginInk } from './inking';

export function InkGroup({ editing: { deck, run }, item }: { editing: Editing; item: InkItem }) {
  const says = messages.ink;
  const set = (fields: Parameters<typeof setItemFields>[2]) => run(setItemFields(deck, item.id, fields));
  return (
    <>
      <div className="mb-3">
        <Field
          label={says.shows}
          hint={messages.editor.altHint}
          value={item.name}
          maxLength={120}
          onChange={({ target }) => set({ name: target.value })}
        />
      </div>
      <Colours
        theme={themeAt(deck, item.slideId)}
        label={messages.signs.color}
        value={item.color}
        onChange={(color) => set({ color })}
      />
      <div className="my-2">
        <NumberField
          label={messages.signs.weight}
          value={item.weight}
          least={1}
          most={60}
          onChange={(weight) => set({ weight })}
        />
      </div>
      <Button onClick={beginInk}>
        <Pencil size={18} aria-hidden /> {says.goOn}
      </Button>
    </>
  );
}
