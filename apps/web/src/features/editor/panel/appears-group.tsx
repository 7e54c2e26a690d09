/** When an item appears on its slide: at once, or with a step of the show. */
import { type Item, LAST_APPEARANCE } from '@gobrel/core/deck';
import { appearancesOn } from '@gobrel/core/show';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { PickField } from './parts';

export function AppearsGroup({ editing: { deck, run }, item }: { editing: Editing; item: Item }) {
  const last = appearancesOn(deck, item.slideId).at(-1) ?? 0;
  const steps = Array.from({ length: Math.min(LAST_APPEARANCE, last + 1) }, (_none, place) => place + 1);
  return (
    <PickField
      label={messages.editor.appears}
      value={String(item.appears)}
      onChange={(step) => run([{ type: 'set-item', id: item.id, fields: { appears: Number(step) } }])}
    >
      <option value={0}>{messages.editor.appearsAtOnce}</option>
      {steps.map((step) => (
        <option key={step} value={step}>
          {messages.editor.appearsWith({ step })}
        </option>
      ))}
    </PickField>
  );
}
