/** Settings of a drawing question: what it asks, and what is drawn on. */
import type { DrawItem } from '@gobrel/core/deck';
import { PointsField, PromptField, type QuestionGroupProps } from './fields';
import { GroundFields } from './ground-fields';

export function DrawGroup({ item, set }: QuestionGroupProps<DrawItem>) {
  return (
    <>
      <PromptField prompt={item.prompt} set={set} />
      <GroundFields item={item} set={set} />
      <PointsField item={item} set={set} />
    </>
  );
}
