/** Settings of an open area: what is said in it while it is empty. */
import type { OpenAreaItem } from '@gobrel/core/deck';
import { Field } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { TAKES_TYPING } from '../../keyboard/typing';
import type { QuestionGroupProps } from './fields';

export function OpenAreaGroup({ item, set }: QuestionGroupProps<OpenAreaItem>) {
  return (
    <div className="mb-4">
      <Field
        {...TAKES_TYPING}
        label={messages.editor.hint}
        value={item.hint}
        onChange={(event) => set({ hint: event.target.value })}
      />
    </div>
  );
}
