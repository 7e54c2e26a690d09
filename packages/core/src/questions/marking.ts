/** Marking a whole piece of work against its edition. */
import type { Deck, Item, ItemId, ItemKindName, QuestionItem, QuestionKindName } from '../deck/index.js';
import { readFields, readNumber, readOneOf } from '../deck/index.js';
import { isFilledIn, type Work, type WorkChange } from '../work/index.js';
import { blankQuestion } from './blank/index.js';
import { choiceQuestion } from './choice/index.js';
import { drawQuestion } from './draw/index.js';
import { longTextQuestion } from './long-text/index.js';
import { emptyMark, type Mark, type MarkSum, sumOfMarks, unmarkedMark, verdictNames } from './mark.js';
import { readReason } from './reason.js';
import type { Rule } from './rule.js';
import { numberQuestion } from './number/index.js';
import { placementQuestion } from './placement/index.js';
import { pointQuestion } from './point/index.js';
import { noKey, type QuestionKind } from './question-kind.js';
import { shortTextQuestion } from './short-text/index.js';
import { spokenQuestion } from './spoken/index.js';

/** The table of question kinds, by the item kind that asks. */
const questionKinds: { readonly [K in QuestionKindName]: QuestionKind<K> } = {
  choice: choiceQuestion,
  'short-text': shortTextQuestion,
  'long-text': longTextQuestion,
  number: numberQuestion,
  point: pointQuestion,
  draw: drawQuestion,
  spoken: spokenQuestion,
  blank: blankQuestion,
  zone: placementQuestion,
};

/** The marks of one piece of work: by item, and added up. */
export interface Marks extends MarkSum {
  readonly items: Readonly<Record<ItemId, Mark>>;
}

/** Marks with their sum. */
export function marksOf(items: Readonly<Record<ItemId, Mark>>): Marks {
  return { items, ...sumOfMarks(Object.values(items)) };
}

/** Whether a kind of item is a question. */
export function isQuestionKind(kind: ItemKindName): kind is QuestionKindName {
  return Object.hasOwn(questionKinds, kind);
}

/** The entry for an item's own kind; `undefined` for what is no question. */
export function questionKindOf(item: Item): QuestionKind<ItemKindName> | undefined {
  // An item goes with the entry of its own kind, which the types of a union cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return isQuestionKind(item.kind) ? (questionKinds[item.kind] as QuestionKind<ItemKindName>) : undefined;
}

/**
 * Marks everything in the edition by its keys; what a person is to mark is not marked yet, once there is an answer. Pure:
 * the same on the server and offline.
 */
export function markWork(edition: Deck, work: Work): Marks {
  const items: Record<ItemId, Mark> = {};
  for (const item of Object.values(edition.items)) {
    const mark = item.hidden ? null : (markItem(item, work, edition) ?? markToCome(item, work));
    if (mark) items[item.id] = mark;
  }
  return marksOf(items);
}

/** The mark of what a person is to mark; `null` for what nobody marks, or what is worth nothing. */
function markToCome(item: Item, work: Work): Mark | null {
  if (!isQuestion(item) || item.points === 0 || !questionKindOf(item)?.isRead(item)) return null;
  return isFilledIn(item, work) ? unmarkedMark(item.points) : emptyMark(item.points, { code: 'nothing-given' });
}

/** What a student gave for an item, in words; '' when nothing. */
export function givenFor(item: Item, work: Work, edition: Deck): string {
  return questionKindOf(item)?.given(item, work, edition) ?? '';
}

/** The mark for one item; `null` when it is not marked. */
export function markItem(item: Item, work: Work, edition: Deck): Mark | null {
  return questionKindOf(item)?.mark(item, work, edition) ?? null;
}

/** How an item is marked; `null` for what is no question. */
export function ruleFor(item: Item, edition: Deck): Rule | null {
  return questionKindOf(item)?.rule(item, edition) ?? null;
}

/** What somebody would do who answers a question just as its key says. */
export function keyedAnswer(item: Item, edition: Deck): readonly WorkChange[] {
  return questionKindOf(item)?.keyed(item, edition) ?? [];
}

/** Whether a question could be marked by a key: nobody has to read it, and it is no scale to say what one thinks on. */
export function takesKey(item: Item): boolean {
  const kind = questionKindOf(item);
  return kind !== undefined && kind.keyed !== noKey.keyed && !(item.kind === 'choice' && item.form === 'scale');
}

/** Whether an item is one students answer or place pieces into. */
export function isQuestion(item: Item): item is QuestionItem {
  return isQuestionKind(item.kind);
}

/** Marks read from stored JSON. */
export function readMarks(value: unknown): Marks {
  const fields = readFields(value);
  const items = Object.entries(readFields(fields?.['items']) ?? {}).map(([id, entry]): [ItemId, Mark] => {
    const mark = readFields(entry);
    return [
      id,
      {
        verdict: readOneOf(mark?.['verdict'], verdictNames, 'empty'),
        points: readNumber(mark?.['points'], 0),
        outOf: readNumber(mark?.['outOf'], 0),
        why: readReason(mark?.['why']) ?? { code: 'said', text: '' },
        ...(mark?.['byTeacher'] === true ? { byTeacher: true as const } : {}),
      },
    ];
  });
  return marksOf(Object.fromEntries(items));
}
