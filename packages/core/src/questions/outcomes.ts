/** What can come of a question: whether it can be answered at all, answered right, and where a link that goes by it leads. */
import {
  type ByAnswer,
  type Deck,
  drawingOf,
  type Gate,
  type Item,
  type ItemId,
  piecesIn,
  piecesOn,
  type SlideId,
  takesGate,
  type ZoneItem,
} from '../deck/index.js';
import { applyWorkChanges, emptyWork, type WorkChange } from '../work/index.js';
import { keyedAnswer, markItem } from './marking.js';

/** A gate that asks for something to be done with one item. */
type ItemGate = Extract<Gate, { readonly itemId: ItemId }>;

/**
 * The slide on which what a gate asks for can be done; `null` when it cannot be done at all: what it asks about is gone
 * or out of sight, has no key, or there is nothing to move.
 */
export function slideToOpenOn(deck: Deck, { opens, itemId }: ItemGate): SlideId | null {
  if (opens === 'found') return pieceOf(deck, itemId)?.slideId ?? null;
  const item = deck.items[itemId];
  if (!item || item.hidden || !takesGate(item, opens)) return null;
  switch (opens) {
    case 'answered':
      return item.slideId;
    case 'filled':
      return item.kind === 'zone' && takesSomething(deck, item) ? item.slideId : null;
    case 'right':
      return canBeRight(deck, item) ? item.slideId : null;
  }
}

/** The piece that an item is, or is a part of, or that a group is. */
function pieceOf(deck: Deck, id: ItemId) {
  const ids = [id, ...(deck.items[id]?.groups ?? [])];
  return ids.map((each) => piecesIn(deck).get(each)).find((piece) => piece !== undefined);
}

function takesSomething(deck: Deck, zone: ZoneItem): boolean {
  return piecesOn(deck, zone.slideId).some(({ id }) => zone.takes.length === 0 || zone.takes.includes(id));
}

/** What is known of the questions of each slide's drawing: as long as a slide stays as it is, they do. */
const known = new WeakMap<Deck, Map<ItemId, boolean>>();

/** Whether there is an answer to a question that is marked right: the one that its key says. */
export function canBeRight(deck: Deck, item: Item): boolean {
  const drawing = drawingOf(deck, item.slideId);
  const here = known.get(drawing) ?? new Map<ItemId, boolean>();
  known.set(drawing, here);
  const before = here.get(item.id);
  if (before !== undefined) return before;
  const isRight = isMarkedRight(drawing, item, keyedAnswer(item, drawing));
  here.set(item.id, isRight);
  return isRight;
}

function isMarkedRight(deck: Deck, item: Item, answer: readonly WorkChange[]): boolean {
  return markItem(item, applyWorkChanges(emptyWork, answer), deck)?.verdict === 'right';
}

/**
 * The slides that a link by an answer leads to for some answer. A choice with a slide of its own comes before right and
 * wrong; without a key no answer is right.
 */
export function slidesByAnswer(deck: Deck, { questionId, right, wrong, choices }: ByAnswer): readonly SlideId[] {
  const item = deck.items[questionId];
  if (
    !item ||
    (['answered', 'filled'] as const).every((opens) => slideToOpenOn(deck, { opens, itemId: item.id }) === null)
  )
    return [];
  const verdicts =
    item.kind === 'choice' ? verdictsOfChoice(deck, item, choices) : new Set([canBeRight(deck, item), false]);
  const led = [
    ...(item.kind === 'choice' ? item.choices.flatMap(({ id }) => choices[id] ?? []) : []),
    ...(verdicts.has(true) && right !== null ? [right] : []),
    ...(verdicts.has(false) && wrong !== null ? [wrong] : []),
  ];
  return [...new Set(led)].filter((slideId) => deck.slides[slideId]);
}

/** Whether answers of choices without a slide of their own can be right, and can be wrong. */
function verdictsOfChoice(
  deck: Deck,
  item: Extract<Item, { kind: 'choice' }>,
  tied: ByAnswer['choices'],
): ReadonlySet<boolean> {
  const left = item.choices.flatMap(({ id }) => (tied[id] === undefined ? [id] : []));
  const keyed = item.several && item.right.every((id) => left.includes(id)) ? [item.right] : [];
  const picks = [...left.map((id) => [id]), ...keyed, ...(item.several && left.length > 0 ? [left] : [])];
  return new Set(
    picks.map((picked) =>
      isMarkedRight(deck, item, [{ part: 'answers', id: item.id, value: { kind: 'choice', picked } }]),
    ),
  );
}
