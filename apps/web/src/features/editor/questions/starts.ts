/** What a question begins as: something that can be used at once, and changed on the slide and in the panel. */
import {
  addItem,
  addPlacement,
  type Change,
  type Deck,
  type ItemId,
  newId,
  type OwnFields,
  type PlacementStart,
  placementStarts,
  type SlideId,
} from '@gobrel/core/deck';
import type { AskedKind } from '@gobrel/core/formats';
import { messages } from '../../../shared/messages';

/** Zones without a name, as those of labels begin. */
const NAMELESS = ['', '', ''];

/** The names of all beginnings. */
export type QuestionStart = keyof typeof messages.questions.starts;

/** Beginnings by what students do, in the order they are offered. */
export const startGroups: readonly (readonly [keyof typeof messages.questions.groups, readonly QuestionStart[]])[] = [
  ['choose', ['choice', 'several', 'true-false', 'yes-no', 'scale']],
  ['write', ['short-text', 'long-text', 'number', 'blank', 'blank-list']],
  ['point', ['dot', 'dots', 'line', 'arrow', 'timeline']],
  ['place', ['sort', 'match', 'order', 'label', 'build']],
  ['draw', ['draw', 'spoken']],
];

/** Places a question on a slide; the item to select then. */
export function placeQuestion(
  deck: Deck,
  slideId: SlideId,
  start: QuestionStart,
): { readonly changes: Change[]; readonly itemId: ItemId } {
  if (isPlacement(start)) {
    const { changes, zones } = addPlacement(deck, slideId, start, {
      zones: NAMELESS,
      ...messages.questions.placement[start],
    });
    return { changes, itemId: zones[0] ?? '' };
  }
  const itemId = newId();
  const begun = Object.values(starts)
    .flat()
    .find(({ name }) => name === start);
  if (!begun) throw new Error(`no kind of question begins as ${start}`);
  const { kind, fields } = begun;
  return { changes: addItem(deck, { id: itemId, slideId, kind, fields }), itemId };
}

function isPlacement(start: QuestionStart): start is PlacementStart {
  return placementStarts.some((each) => each === start);
}

/** A beginning that is one item of a kind. */
interface StartOf<K extends AskedKind> {
  readonly name: QuestionStart;
  readonly kind: K;
  readonly fields: Partial<OwnFields<K>>;
}

const says = messages.questions;

const newChoices = ['a', 'b', 'c'].map((id) => ({ id, text: says.newChoice({ letter: id.toUpperCase() }) }));

/** A choice of a form, whose choices are named once for all. */
const choiceOf = (
  form: 'true-false' | 'yes-no' | 'scale',
  prompt: string,
  right: readonly string[],
): StartOf<'choice'> => {
  const choices = says.forms[form].map((text, at) => ({ id: `${form}-${at + 1}`, text }));
  return { name: form, kind: 'choice', fields: { form, prompt, choices, right } };
};

/** What each kind of question that is one item can begin as; zones and their pieces are begun by `addPlacement`. */
const starts: { readonly [K in AskedKind]: readonly StartOf<K>[] } = {
  choice: [
    {
      name: 'choice',
      kind: 'choice',
      fields: { prompt: messages.editor.newPrompt, choices: newChoices, right: ['a'] },
    },
    {
      name: 'several',
      kind: 'choice',
      fields: { prompt: messages.editor.newPrompt, choices: newChoices, several: true, right: ['a', 'b'], points: 2 },
    },
    choiceOf('true-false', says.newStatement, ['true-false-1']),
    choiceOf('yes-no', says.newYesNo, []),
    choiceOf('scale', says.newScale, []),
  ],
  'short-text': [{ name: 'short-text', kind: 'short-text', fields: { prompt: says.newShort, slips: 1 } }],
  'long-text': [{ name: 'long-text', kind: 'long-text', fields: { prompt: says.newLong } }],
  blank: [
    { name: 'blank', kind: 'blank', fields: {} },
    { name: 'blank-list', kind: 'blank', fields: { options: ['high', 'low'], accepted: ['high'] } },
  ],
  number: [{ name: 'number', kind: 'number', fields: { prompt: says.newNumber } }],
  point: [
    { name: 'dot', kind: 'point', fields: { prompt: says.newDot } },
    { name: 'dots', kind: 'point', fields: { prompt: says.newDots, mark: 'dots', points: 2 } },
    { name: 'line', kind: 'point', fields: { prompt: says.newLine, mark: 'line' } },
    { name: 'arrow', kind: 'point', fields: { prompt: says.newArrow, mark: 'arrow' } },
    {
      name: 'timeline',
      kind: 'point',
      fields: {
        prompt: says.newScalePoint,
        axis: { from: 1900, to: 2000, unit: '', upright: false, right: null, tolerance: 5 },
      },
    },
  ],
  draw: [{ name: 'draw', kind: 'draw', fields: { prompt: says.newDraw } }],
  spoken: [{ name: 'spoken', kind: 'spoken', fields: { prompt: says.newSpoken } }],
};
