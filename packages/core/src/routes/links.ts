/** The links of a deck: which item or words carry them and where they lead. */
import {
  type BranchAnswer,
  type ByAnswer,
  type Deck,
  type Destination,
  drawingOf,
  type Item,
  type ItemId,
  itemsOf,
  linkedWordsIn,
  nameOf,
  sameDestination,
  type SlideId,
  slidesInOrder,
  type ViewpointItem,
} from '../deck/index.js';
import { firstSlide, nextInOrder, previousInOrder, shownInOrder } from './running-order.js';

/** One link, with what carries it. */
export interface Link {
  readonly from: SlideId;
  readonly itemId: ItemId;
  /** The linked words when a range of text carries the link, else `null`. */
  readonly words: string | null;
  /** Which of the item's linked words these are, counted from 0; `null` when the item carries the link. */
  readonly run: number | null;
  /** What the carrier is called: the linked words, or the item's name; may be ''. */
  readonly carrier: string;
  readonly destination: Destination;
}

/** The links that leave a slide, from back to front, each run of linked words once. */
export function linksFrom(deck: Deck, slideId: SlideId): readonly Link[] {
  const drawing = drawingOf(deck, slideId);
  const known = linksOfDrawing.get(drawing);
  if (known) return known;
  const links = readLinks(drawing, slideId);
  linksOfDrawing.set(drawing, links);
  return links;
}

/** The links of each slide's drawing: a slide that has not changed has the same links. */
const linksOfDrawing = new WeakMap<Deck, readonly Link[]>();

function readLinks(deck: Deck, slideId: SlideId): readonly Link[] {
  const items = itemsOf(deck, slideId);
  return items.flatMap((item): Link[] => {
    const own: Link[] =
      item.link && !isCarriedBefore(items, item)
        ? [{ from: slideId, itemId: item.id, words: null, run: null, carrier: nameOf(item), destination: item.link }]
        : [];
    return [
      ...own,
      ...linkedWordsIn(item).map(({ words, destination }, run) => ({
        from: slideId,
        itemId: item.id,
        words,
        run,
        carrier: words,
        destination,
      })),
    ];
  });
}

/** Whether another member of an item's group carries the same link: then the group carries it, once. */
function isCarriedBefore(items: readonly Item[], { id, groups, link }: Item): boolean {
  const [group] = groups;
  if (group === undefined || !link) return false;
  const first = items.find((other) => other.groups[0] === group && other.link && sameDestination(other.link, link));
  return first !== undefined && first.id !== id;
}

/** All links of a deck, by slides in running order. */
export function linksOf(deck: Deck): readonly Link[] {
  return slidesInOrder(deck).flatMap((slide) => linksFrom(deck, slide.id));
}

/** The links that lead to a slide, by its name, by the running order or by what was answered. */
export function linksTo(deck: Deck, slideId: SlideId): readonly Link[] {
  return linksOf(deck).filter((link) =>
    branchesOf(deck, link.from, link.destination).some((branch) => branch.slideId === slideId),
  );
}

/** A slide to which a link may lead, and the answer by which it does; `null` where it always does. */
interface Branch {
  readonly slideId: SlideId;
  readonly answer: BranchAnswer | null;
}

/** The slides of the deck to which a link on a slide may lead; those that are gone are left out. */
export function branchesOf(deck: Deck, from: SlideId, destination: Destination): readonly Branch[] {
  if (destination.to !== 'by-answer') {
    const slideId = slideLedTo(deck, from, destination);
    return slideId === null ? [] : [{ slideId, answer: null }];
  }
  return allBranches(destination).filter(({ slideId }) => deck.slides[slideId]);
}

/** Every branch of a link that goes by an answer, also to slides that are gone. */
function allBranches({ right, wrong, choices }: ByAnswer): readonly Branch[] {
  return [
    ...Object.entries(choices).map(([choice, slideId]): Branch => ({ slideId, answer: { choice } })),
    ...(right === null ? [] : [{ slideId: right, answer: 'right' as const }]),
    ...(wrong === null ? [] : [{ slideId: wrong, answer: 'wrong' as const }]),
  ];
}

/**
 * The slide to which a link on a slide leads whatever happens; `null` when it is gone, and for links that lead to no
 * slide of their own: back, from the start, the end, by an answer, and out of the deck.
 */
export function slideLedTo(deck: Deck, from: SlideId, destination: Destination): SlideId | null {
  switch (destination.to) {
    case 'slide':
      return deck.slides[destination.slideId] ? destination.slideId : null;
    case 'viewpoint': {
      const there = viewpointAt(deck, destination.itemId)?.slideId ?? null;
      // Looking at another part of a slide is no way on from it.
      return there === from ? null : there;
    }
    case 'next':
      return nextInOrder(deck, from)?.id ?? null;
    case 'previous':
      return previousInOrder(deck, from)?.id ?? null;
    case 'first':
      return firstSlide(deck)?.id ?? null;
    case 'last':
      return shownInOrder(deck).at(-1)?.id ?? null;
    default:
      return null;
  }
}

/** Whether a link of the deck waits for a right answer to something, or goes by it. */
export function isAskedByLink(deck: Deck, itemId: ItemId): boolean {
  return linksOf(deck).some(
    ({ destination }) =>
      (destination.gate?.opens === 'right' && destination.gate.itemId === itemId) ||
      (destination.to === 'by-answer' && destination.questionId === itemId),
  );
}

/** A viewpoint of the deck; `null` when it is gone. */
export function viewpointAt(deck: Deck, itemId: ItemId): ViewpointItem | null {
  const item = deck.items[itemId];
  return item?.kind === 'viewpoint' ? item : null;
}
