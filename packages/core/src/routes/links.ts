/** The links of a deck: which item or words carry them and where they lead. */
import {
  type Deck,
  type Destination,
  drawingOf,
  type ItemId,
  itemsOf,
  linkedWordsOf,
  nameOf,
  type SlideId,
  slidesInOrder,
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
  return itemsOf(deck, slideId).flatMap((item): Link[] => {
    const own: Link[] = item.link
      ? [{ from: slideId, itemId: item.id, words: null, run: null, carrier: nameOf(item), destination: item.link }]
      : [];
    if (item.kind !== 'text' && item.kind !== 'shape') return own;
    return [
      ...own,
      ...linkedWordsOf(item.text).map(({ words, destination }, run) => ({
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

/** All links of a deck, by slides in running order. */
export function linksOf(deck: Deck): readonly Link[] {
  return slidesInOrder(deck).flatMap((slide) => linksFrom(deck, slide.id));
}

/** The links that lead to a slide, by its name or by the running order. */
export function linksTo(deck: Deck, slideId: SlideId): readonly Link[] {
  return linksOf(deck).filter((link) => slideLedTo(deck, link.from, link.destination) === slideId);
}

/**
 * The slide to which a link on a slide leads; `null` when it is gone, and for links that lead to no slide of their
 * own: back, from the start, the end, and web addresses.
 */
export function slideLedTo(deck: Deck, from: SlideId, destination: Destination): SlideId | null {
  switch (destination.to) {
    case 'slide':
      return deck.slides[destination.slideId] ? destination.slideId : null;
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

/** Whether a link leads nowhere any more: its slide is gone. */
export function isOpen(deck: Deck, destination: Destination): boolean {
  return destination.to === 'slide' && !deck.slides[destination.slideId];
}
