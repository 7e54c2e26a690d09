/** Sets what a link waits for before it can be followed. */
import type { itemGates } from '@gobrel/core/deck';
import {
  type Deck,
  type Gate,
  type GateName,
  type Item,
  itemsOf,
  nameOf,
  type SlideId,
  slidesInOrder,
  takesGate,
  namesIn,
} from '@gobrel/core/deck';
import { Field } from '../../../shared/ui';
import { messages, openWhen, slideName } from '../../../shared/messages';
import { SelectField, SlideOptions } from './select-field';

interface GateFieldProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  readonly gate: Gate | null;
  readonly onChange: (gate: Gate | null) => void;
}

const gateNames = namesIn(messages.links.gates);

export function GateField({ deck, slideId, gate, onChange }: GateFieldProps) {
  const choose = (opens: string) => {
    const name = gateNames.find((each) => each === opens);
    onChange(name ? newGate(deck, slideId, name) : null);
  };
  return (
    <div className="flex flex-wrap items-start gap-3">
      <SelectField label={messages.links.gate} value={gate?.opens ?? ''} onChange={choose}>
        <option value="">{messages.links.always}</option>
        {gateNames.map((name) => (
          <option key={name} value={name} disabled={newGate(deck, slideId, name) === null}>
            {messages.links.gates[name]}
          </option>
        ))}
      </SelectField>
      {gate ? <WhatItAsks deck={deck} slideId={slideId} gate={gate} onChange={onChange} /> : null}
    </div>
  );
}

function WhatItAsks({ deck, slideId, gate, onChange }: GateFieldProps & { readonly gate: Gate }) {
  const label = messages.links.gateOf[gate.opens];
  if (gate.opens === 'seen-count')
    return (
      <div className="w-36">
        <Field
          label={label}
          type="number"
          min={1}
          max={Object.keys(deck.slides).length}
          value={gate.count}
          onChange={(event) => onChange({ opens: 'seen-count', count: Math.max(1, Number(event.target.value) || 1) })}
        />
      </div>
    );
  if (gate.opens === 'seen')
    return (
      <SelectField label={label} value={gate.slideId} onChange={(id) => onChange({ opens: 'seen', slideId: id })}>
        <SlideOptions names={slidesInOrder(deck).map(({ id }) => [id, slideName(deck, id)])} />
      </SelectField>
    );
  const { opens, itemId } = gate;
  const candidates = askedBy(deck, slideId, opens);
  return (
    <SelectField label={label} value={itemId} onChange={(id) => onChange({ opens, itemId: id })}>
      {candidates.some((item) => item.id === itemId) ? null : <option value={itemId}>{openWhen(deck, gate)}</option>}
      <SlideOptions
        names={candidates.map((item) => [
          item.id,
          messages.links.onSlide({
            name: nameOf(item) || messages.kinds[item.kind],
            slide: slideName(deck, item.slideId),
          }),
        ])}
      />
    </SelectField>
  );
}

/** A gate of a kind with the nearest thing it can ask for; `null` when there is none. */
function newGate(deck: Deck, slideId: SlideId, opens: GateName): Gate | null {
  if (opens === 'seen-count') return { opens, count: Math.min(3, Object.keys(deck.slides).length) };
  if (opens === 'seen') {
    const other = slidesInOrder(deck).find((slide) => slide.id !== slideId);
    return other ? { opens, slideId: other.id } : null;
  }
  const [nearest] = askedBy(deck, slideId, opens);
  return nearest ? { opens, itemId: nearest.id } : null;
}

/** What a kind of gate can ask for, that on the link's own slide first. */
function askedBy(deck: Deck, slideId: SlideId, opens: (typeof itemGates)[number]): readonly Item[] {
  const others = slidesInOrder(deck).flatMap(({ id }) => (id === slideId ? [] : id));
  return [slideId, ...others]
    .flatMap((id) => itemsOf(deck, id))
    .filter((item) => !item.hidden && takesGate(item, opens));
}
