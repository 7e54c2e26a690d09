/** Settings of a question answered at length. */
import type { LongTextItem } from '@gobrel/core/deck';
import { LongField } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { NumberField } from '../parts';
import { PointsField, PromptField, type SetFields } from './fields';

export function LongTextGroup({ item, set }: { item: LongTextItem; set: SetFields }) {
  const says = messages.questions;
  return (
    <>
      <PromptField prompt={item.prompt} set={set} />
      <NumberField
        label={says.leastWords}
        value={item.leastWords}
        least={0}
        onChange={(leastWords) => set({ leastWords })}
      />
      <div className="mb-3 mt-1">
        <NumberField
          label={says.mostWords}
          value={item.mostWords}
          least={0}
          onChange={(mostWords) => set({ mostWords })}
        />
      </div>
      <div className="mb-3">
        <LongField
          label={says.model}
          hint={says.modelHint}
          rows={3}
          value={item.model}
          onChange={(event) => set({ model: event.target.value })}
        />
      </div>
      <PointsField item={item} set={set} />
    </>
  );
}
