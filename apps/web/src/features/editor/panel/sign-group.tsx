/** How a sign looks: what it shows in words, its colour and weight. */
import { setItemFields, type SignItem } from '@gobrel/core/deck';
import { Field } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { Colours } from './colours';
import { NumberField } from './parts';
import { themeAt } from './theme-at';

export function SignGroup({ editing: { deck, run }, item }: { editing: Editing; item: SignItem }) {
  const set = (fields: Parameters<typeof setItemFields>[2]) => run(setItemFields(deck, item.id, fields));
  return (
    <>
      <div className="mb-4">
        <Field
          label={messages.signs.shows}
          hint={messages.editor.altHint}
          value={item.shows}
          maxLength={120}
          onChange={(event) => set({ shows: event.target.value })}
        />
      </div>
      {item.sticker === '' ? (
        <>
          <Colours
            theme={themeAt(deck, item.slideId)}
            label={messages.signs.color}
            value={item.color}
            onChange={(color) => set({ color })}
          />
          <div className="mt-2">
            <NumberField
              label={messages.signs.weight}
              value={item.weight}
              least={0.5}
              most={4}
              step={0.5}
              onChange={(weight) => set({ weight })}
            />
          </div>
        </>
      ) : null}
    </>
  );
}
