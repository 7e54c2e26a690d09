/** How a question is marked and what students are told of their answers: the same for every kind. */
import { type QuestionItem, MOST_ATTEMPTS, feedbackTimes } from '@gobrel/core/deck';
import { ruleFor } from '@gobrel/core/questions';
import { Field } from '../../../../shared/ui';
import { messages, ruleInWords } from '../../../../shared/messages';
import type { Editing } from '../../state/editing';
import { Group, NumberField, PickField } from '../parts';
import { LinesField, type SetFields, Tick } from './fields';

interface AskingGroupProps {
  readonly editing: Editing;
  readonly item: QuestionItem;
  readonly set: SetFields;
}

const verdicts = ['right', 'partly', 'wrong'] as const;

export function AskingGroup({ editing, item, set }: AskingGroupProps) {
  const says = messages.questions;
  const rule = ruleFor(item, editing.deck);
  return (
    <>
      <Group title={says.marking}>{rule ? <p className="text-sm">{ruleInWords(rule)}</p> : null}</Group>
      <Group title={says.toStudents}>
        <PickField
          label={says.tells}
          value={item.feedbackAt}
          onChange={(at) => set({ feedbackAt: feedbackTimes.find((each) => each === at) ?? 'never' })}
        >
          {feedbackTimes.map((time) => (
            <option key={time} value={time}>
              {says.telling[time]}
            </option>
          ))}
        </PickField>
        {item.feedbackAt === 'at-once' ? (
          <NumberField
            label={says.attempts}
            value={item.attempts}
            least={0}
            most={MOST_ATTEMPTS}
            onChange={(attempts) => set({ attempts })}
          />
        ) : null}
        {item.feedbackAt === 'never'
          ? null
          : verdicts.map((verdict) => (
              <Field
                key={verdict}
                label={says.feedback[verdict]}
                value={item.feedback[verdict]}
                onChange={(event) => set({ feedback: { ...item.feedback, [verdict]: event.target.value } })}
              />
            ))}
        <LinesField label={says.hints} hint={says.hintsHint} lines={item.hints} onChange={(hints) => set({ hints })} />
        <Tick label={says.asksSure} checked={item.asksSure} onChange={(asksSure) => set({ asksSure })} />
      </Group>
    </>
  );
}
