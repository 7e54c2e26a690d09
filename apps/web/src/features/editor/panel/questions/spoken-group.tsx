/** Settings of a spoken question: what it asks, and how long an answer may be. */
import type { SpokenItem } from '@gobrel/core/deck';
import { messages } from '../../../../shared/messages';
import { NumberField } from '../parts';
import { PointsField, PromptField, type QuestionGroupProps } from './fields';

export function SpokenGroup({ item, set }: QuestionGroupProps<SpokenItem>) {
  return (
    <>
      <PromptField prompt={item.prompt} set={set} />
      <div className="mb-3">
        <NumberField
          label={messages.questions.longest}
          value={item.longest}
          least={5}
          most={60}
          onChange={(longest) => set({ longest })}
        />
      </div>
      <PointsField item={item} set={set} />
    </>
  );
}
