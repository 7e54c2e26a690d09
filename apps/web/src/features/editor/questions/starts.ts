/** What a question begins as: something that can be used at once, and changed on the slide and in the panel. */
import {
  addItem,
  addPlacement,
  type Change,
  type Deck,
  type ItemId,
  type ItemKindName,
  newId,
  type OwnFields,
  type PlacementStart,
  placementStarts,
  type SlideId,
} from '@gobrel/core/deck';
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
  const { kind, fields } = startOf(start);
  return { changes: addItem(deck, { id: itemId, slideId, kind, fields }), itemId };
}

function isPlacement(start: QuestionStart): start is PlacementStart {
  return placementStarts.some((each) => each === start);
}

interface Start {
  readonly kind: ItemKindName;
  readonly fields: Partial<OwnFields<ItemKindName>>;
}

function startOf(start: Exclude<QuestionStart, PlacementStart>): Start {
  const says = messages.questions;
  const of = <K extends ItemKindName>(kind: K, fields: Partial<OwnFields<K>>): Start => ({ kind, fields });
  const form = (name: 'true-false' | 'yes-no' | 'scale', prompt: string) => {
    const choices = says.forms[name].map((text, at) => ({ id: `${name}-${at + 1}`, text }));
    return of('choice', { form: name, prompt, choices, right: name === 'true-false' ? ['true-false-1'] : [] });
  };
  const choices = ['a', 'b', 'c'].map((id) => ({
    id,
    text: messages.questions.newChoice({ letter: id.toUpperCase() }),
  }));
  switch (start) {
    case 'choice':
      return of('choice', { prompt: messages.editor.newPrompt, choices, right: ['a'] });
    case 'several':
      return of('choice', { prompt: messages.editor.newPrompt, choices, several: true, right: ['a', 'b'], points: 2 });
    case 'true-false':
      return form(start, says.newStatement);
    case 'yes-no':
      return form(start, says.newYesNo);
    case 'scale':
      return form(start, says.newScale);
    case 'short-text':
      return of('short-text', { prompt: says.newShort, slips: 1 });
    case 'long-text':
      return of('long-text', { prompt: says.newLong });
    case 'blank':
      return of('blank', {});
    case 'blank-list':
      return of('blank', { options: ['high', 'low'], accepted: ['high'] });
    case 'number':
      return of('number', { prompt: says.newNumber });
    case 'dot':
      return of('point', { prompt: says.newDot });
    case 'dots':
      return of('point', { prompt: says.newDots, mark: 'dots', points: 2 });
    case 'line':
      return of('point', { prompt: says.newLine, mark: 'line' });
    case 'arrow':
      return of('point', { prompt: says.newArrow, mark: 'arrow' });
    case 'timeline':
      return of('point', {
        prompt: says.newScalePoint,
        axis: { from: 1900, to: 2000, unit: '', upright: false, right: null, tolerance: 5 },
      });
    case 'draw':
      return of('draw', { prompt: says.newDraw });
    case 'spoken':
      return of('spoken', { prompt: says.newSpoken });
  }
}
