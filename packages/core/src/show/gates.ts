/** Whether a link's gate is open to whoever walks, and which way a link goes by what they answered. */
import {
  type ByAnswer,
  type Deck,
  type Gate,
  type ItemId,
  type SlideId,
  sourceOfPiece,
  takesGate,
} from '../deck/index.js';
import { isFilledIn, type Work } from '../work/index.js';

/** What is known of whoever walks. */
export interface Walker {
  /** Whether nothing holds them, as whoever leads a class: gates are open, and links by an answer lead by a right one. */
  readonly isFree?: boolean;
  readonly work: Work;
  /** Whether a question is answered right; `null` where the keys are elsewhere and it was not asked yet. */
  readonly isRight: (itemId: ItemId) => boolean | null;
}

/** What a gate still waits for. */
export interface Missing {
  readonly gate: Gate;
  /** How many slides are still to be seen, where a number is asked for. */
  readonly more: number;
}

/** What keeps a link shut: something missing, a question that has to be checked where its key is, or nothing. */
export type Hold =
  { readonly type: 'missing'; readonly missing: Missing } | { readonly type: 'check'; readonly itemId: ItemId };

/** What keeps a gate shut; `null` when it is open. A gate on something that is gone stays shut. */
export function holdOf(deck: Deck, gate: Gate, walker: Walker, seen: readonly SlideId[]): Hold | null {
  if (walker.isFree) return null;
  const { work, isRight } = walker;
  const missing = (more = 0): Hold => ({ type: 'missing', missing: { gate, more } });
  switch (gate.opens) {
    case 'seen':
      return seen.includes(gate.slideId) ? null : missing();
    case 'seen-count': {
      const more = gate.count - new Set(seen).size;
      return more > 0 ? missing(more) : null;
    }
    case 'found':
      return isFound(deck, work, gate.itemId) ? null : missing();
    case 'filled':
    case 'answered':
      return isDone(deck, work, gate) ? null : missing();
    case 'right': {
      if (!isDone(deck, work, gate)) return missing();
      const right = isRight(gate.itemId);
      return right === null ? { type: 'check', itemId: gate.itemId } : right ? null : missing();
    }
  }
}

/** Whether a piece, or the piece that an item is part of, was taken from where it lay. */
function isFound(deck: Deck, work: Work, itemId: ItemId): boolean {
  const ids = [itemId, ...(deck.items[itemId]?.groups ?? [])];
  return Object.keys(work.pieces).some((id) => ids.includes(sourceOfPiece(id)));
}

/** Whether something was given where a gate may ask for it. */
function isDone(deck: Deck, work: Work, { opens, itemId }: Extract<Gate, { readonly itemId: ItemId }>): boolean {
  const item = deck.items[itemId];
  return item !== undefined && !item.hidden && takesGate(item, opens) && isFilledIn(item, work);
}

/** Whether a question was answered, a blank filled in, or something put into a zone. */
function isGiven(deck: Deck, work: Work, itemId: ItemId): boolean {
  const item = deck.items[itemId];
  return item !== undefined && isFilledIn(item, work);
}

/** Which way a link by an answer goes: to a slide, nowhere yet, or after a check where the key is. */
type AnswerBranch =
  | { readonly type: 'slide'; readonly slideId: SlideId | null }
  | { readonly type: 'unanswered' }
  | { readonly type: 'check'; readonly itemId: ItemId };

/** Which way a link by an answer goes. A choice with a slide of its own comes before right and wrong. */
export function branchByAnswer(deck: Deck, link: ByAnswer, walker: Walker): AnswerBranch {
  if (walker.isFree) return { type: 'slide', slideId: slideForRight(deck, link) };
  const { questionId, right, wrong, choices } = link;
  if (!isGiven(deck, walker.work, questionId)) return { type: 'unanswered' };
  const answer = walker.work.answers[questionId];
  const picked = answer?.kind === 'choice' ? answer.picked.find((choice) => choices[choice]) : undefined;
  if (picked !== undefined) return { type: 'slide', slideId: choices[picked] ?? null };
  if (right === wrong) return { type: 'slide', slideId: right };
  const isRight = walker.isRight(questionId);
  return isRight === null
    ? { type: 'check', itemId: questionId }
    : { type: 'slide', slideId: isRight ? right : (wrong ?? null) };
}

/** Where a right answer leads: by the slide of the right choice, or of right answers; else wherever some answer does. */
function slideForRight(deck: Deck, { questionId, right, wrong, choices }: ByAnswer): SlideId | null {
  const question = deck.items[questionId];
  const keyed = question?.kind === 'choice' ? question.right.flatMap((id) => choices[id] ?? []) : [];
  return keyed[0] ?? right ?? Object.values(choices)[0] ?? wrong;
}
