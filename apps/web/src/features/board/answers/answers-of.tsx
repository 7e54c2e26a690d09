/** Everybody's answers to one question, drawn as its kind asks for: one entry an item kind. */
import type { Deck, Item, ItemKindName, ItemOf } from '@gobrel/core/deck';
import type { Work } from '@gobrel/core/work';
import type { ComponentType, ReactNode } from 'react';
import { ChoiceAnswers } from './choice-answers';
import { DrawingAnswers } from './drawing-answers';
import { NumberAnswers } from './number-answers';
import { PlacementAnswers } from './placement-answers';
import { PointAnswers } from './point-answers';
import { type Person, ReadAnswers } from './read-answers';
import { TextAnswers } from './text-answers';

interface AnswersOfProps<I extends Item = Item> {
  readonly item: I;
  readonly edition: Deck;
  readonly works: readonly Work[];
  readonly lessonId: string;
  /** The students, in the order of their work. */
  readonly people: readonly Person[];
}

/** The table of views: one an item kind; `null` for kinds that nobody answers. */
const views: { readonly [K in ItemKindName]: ComponentType<AnswersOfProps<ItemOf<K>>> | null } = {
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
  zone: PlacementAnswers,
  blank: TextAnswers,
  choice: ChoiceAnswers,
  'short-text': TextAnswers,
  'long-text': ReadAnswers,
  number: NumberAnswers,
  point: PointAnswers,
  draw: DrawingAnswers,
  spoken: ReadAnswers,
  'open-area': null,
};

export function AnswersOf(props: AnswersOfProps): ReactNode {
  // An item goes with the entry of its own kind, which the types of a union cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  const View = views[props.item.kind] as ComponentType<AnswersOfProps> | null;
  return View ? <View {...props} /> : null;
}
