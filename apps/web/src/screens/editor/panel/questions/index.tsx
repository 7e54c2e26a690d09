/** Settings of what students fill in. */
import { type Item, type ItemFields, setItemFields } from '@gobrel/core/deck';
import { isAsking } from '@gobrel/core/questions';
import type { ReactNode } from 'react';
import { Field } from '../../../../ui';
import { words } from '../../../../words';
import type { Editing } from '../../editing';
import { TAKES_TYPING } from '../../typing';
import { NumberField } from '../parts';
import { AskingGroup } from './asking-group';
import { ChoiceGroup } from './choice-group';
import { PointsField, PromptField, type SetFields } from './fields';
import { GroundFields } from './ground-fields';
import { LongTextGroup } from './long-text-group';
import { NumberGroup } from './number-group';
import { PointGroup } from './point-group';
import { WordsGroup } from './words-group';
import { ZoneGroup } from './zone-group';

export { Tick } from './fields';
export { PieceGroup } from './piece-group';

/** The settings for an item's kind; nothing for kinds that ask nothing. */
export function QuestionGroups({ editing, item }: { editing: Editing; item: Item }) {
  const set = (fields: ItemFields) => editing.run(setItemFields(editing.deck, item.id, fields));
  return (
    <>
      {ownGroups(editing, item, set)}
      {isAsking(item) ? <AskingGroup editing={editing} item={item} set={set} /> : null}
    </>
  );
}

function ownGroups(editing: Editing, item: Item, set: SetFields): ReactNode {
  switch (item.kind) {
    case 'zone':
      return <ZoneGroup editing={editing} zone={item} set={set} />;
    case 'blank':
    case 'short-text':
      return <WordsGroup item={item} set={set} />;
    case 'choice':
      return <ChoiceGroup item={item} set={set} />;
    case 'long-text':
      return <LongTextGroup item={item} set={set} />;
    case 'number':
      return <NumberGroup item={item} set={set} />;
    case 'point':
      return <PointGroup item={item} set={set} />;
    case 'draw':
      return (
        <>
          <PromptField prompt={item.prompt} set={set} />
          <GroundFields item={item} set={set} />
          <PointsField item={item} set={set} />
        </>
      );
    case 'spoken':
      return (
        <>
          <PromptField prompt={item.prompt} set={set} />
          <div className="mb-3">
            <NumberField
              label={words.questions.longest}
              value={item.longest}
              least={5}
              most={60}
              onChange={(longest) => set({ longest })}
            />
          </div>
          <PointsField item={item} set={set} />
        </>
      );
    case 'open-area':
      return (
        <div className="mb-4">
          <Field
            {...TAKES_TYPING}
            label={words.editor.hint}
            value={item.hint}
            onChange={(event) => set({ hint: event.target.value })}
          />
        </div>
      );
    default:
      return null;
  }
}
