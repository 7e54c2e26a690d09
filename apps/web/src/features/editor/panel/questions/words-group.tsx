/** Settings of what is answered in a few words: accepted answers, and how exactly they have to be met. */
import type { BlankItem, ShortTextItem } from '@gobrel/core/deck';
import { Field } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { Group, NumberField } from '../parts';
import { LinesField, PointsField, PromptField, type SetFields, Tick } from './fields';

export function WordsGroup({ item, set }: { item: BlankItem | ShortTextItem; set: SetFields }) {
  const says = messages.questions;
  return (
    <>
      {item.kind === 'short-text' ? (
        <PromptField prompt={item.prompt} set={set} />
      ) : (
        <>
          <div className="mb-3">
            <Field
              label={messages.editor.blankName}
              value={item.name}
              onChange={(event) => set({ name: event.target.value })}
            />
          </div>
          <LinesField
            label={says.options}
            hint={says.optionsHint}
            lines={item.options}
            onChange={(options) => set({ options })}
          />
        </>
      )}
      <LinesField
        label={messages.editor.accepted}
        hint={messages.editor.acceptedHint}
        lines={item.accepted}
        onChange={(accepted) => set({ accepted })}
      />
      <Group title={says.howExactly}>
        <NumberField label={says.slips} value={item.slips} least={0} most={3} onChange={(slips) => set({ slips })} />
        <Tick label={says.caseMatters} checked={item.caseMatters} onChange={(caseMatters) => set({ caseMatters })} />
        <Tick
          label={says.accentsMatter}
          checked={item.accentsMatter}
          onChange={(accentsMatter) => set({ accentsMatter })}
        />
        <Tick label={says.patterns} checked={item.patterns} onChange={(patterns) => set({ patterns })} />
      </Group>
      <PointsField item={item} set={set} />
    </>
  );
}
