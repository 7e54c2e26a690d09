/** The table of settings of what students fill in: one an item kind. */
import { type Item, type ItemFields, type ItemKindName, type ItemOf, setItemFields } from '@gobrel/core/deck';
import { isQuestion } from '@gobrel/core/questions';
import type { ComponentType } from 'react';
import type { Editing } from '../../state/editing';
import { AskingGroup } from './asking-group';
import { ChoiceGroup } from './choice-group';
import { DrawGroup } from './draw-group';
import type { QuestionGroupProps } from './fields';
import { LongTextGroup } from './long-text-group';
import { NumberGroup } from './number-group';
import { OpenAreaGroup } from './open-area-group';
import { PointGroup } from './point-group';
import { SpokenGroup } from './spoken-group';
import { WordsGroup } from './words-group';
import { ZoneGroup } from './zone-group';

export { Tick } from './fields';
export { PieceGroup } from './piece-group';

/** `null` for kinds that ask nothing. */
const groups: { readonly [K in ItemKindName]: ComponentType<QuestionGroupProps<ItemOf<K>>> | null } = {
  text: null,
  shape: null,
  picture: null,
  line: null,
  table: null,
  sign: null,
  video: null,
  sound: null,
  chart: null,
  ink: null,
  'web-card': null,
  hotspot: null,
  viewpoint: null,
  zone: ZoneGroup,
  blank: WordsGroup,
  choice: ChoiceGroup,
  'short-text': WordsGroup,
  'long-text': LongTextGroup,
  number: NumberGroup,
  point: PointGroup,
  draw: DrawGroup,
  spoken: SpokenGroup,
  'open-area': OpenAreaGroup,
};

/** The settings for an item's kind; nothing for kinds that ask nothing. */
export function QuestionGroups({ editing, item }: { editing: Editing; item: Item }) {
  const set = (fields: ItemFields) => editing.run(setItemFields(editing.deck, item.id, fields));
  // An item goes with the entry of its own kind, which the types of a union cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  const Group = groups[item.kind] as ComponentType<QuestionGroupProps<Item>> | null;
  return (
    <>
      {Group ? <Group editing={editing} item={item} set={set} /> : null}
      {isQuestion(item) ? <AskingGroup editing={editing} item={item} set={set} /> : null}
    </>
  );
}
