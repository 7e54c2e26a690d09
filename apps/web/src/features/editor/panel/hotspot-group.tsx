/** Settings of a hotspot: what it is called, since it shows nothing, and its shape. */
import { type HotspotItem, setItemFields } from '@gobrel/core/deck';
import { Field } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { ShapeField } from './shape-field';

export function HotspotGroup({ editing, item }: { editing: Editing; item: HotspotItem }) {
  const set = (fields: Partial<HotspotItem>) => {
    const { name, shape } = { ...item, ...fields };
    editing.run(setItemFields(editing.deck, item.id, { name, shape }));
  };
  return (
    <div className="mb-4">
      <Field
        label={messages.editor.itemName}
        hint={messages.editor.hotspotHint}
        value={item.name}
        onChange={(event) => set({ name: event.target.value })}
      />
      <div className="mt-3">
        <ShapeField title={messages.editor.shape} value={item.shape} onPick={(shape) => set({ shape })} />
      </div>
    </div>
  );
}
