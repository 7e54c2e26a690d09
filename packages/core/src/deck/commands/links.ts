/** Commands on links: leading one elsewhere, and giving a slide a new way on. */
import type { Change } from '../change.js';
import { type Deck, itemsOf, slideSizes } from '../deck.js';
import type { Destination } from '../destination.js';
import { PLAIN_LOOK } from '../item-kinds/kind.js';
import { boundsOf, boxesMeet, type Frame } from '../../geometry/index.js';
import type { ItemId, SlideId } from '../identifiers.js';
import { lettersOf, plainText, relinkWords } from '../rich-text.js';
import { addItem, setLink, setText } from './items.js';

/** What carries a link: an item, or some of the linked words of its text, counted from 0. */
export interface Carrier {
  readonly itemId: ItemId;
  readonly run: number | null;
}

/** Leads a link elsewhere, or takes it away with `null`. */
export function leadLink(deck: Deck, { itemId, run }: Carrier, destination: Destination | null): Change[] {
  if (run === null) return setLink(deck, itemId, destination);
  const item = deck.items[itemId];
  if (item?.kind !== 'text' && item?.kind !== 'shape') return [];
  return setText(deck, itemId, relinkWords(item.text, run, destination));
}

/** Size of a choice that is placed by itself, and its distance from others and the edge, in slide units. */
const CHOICE = { width: 300, height: 76, apart: 24, edge: 70 };

/**
 * Gives a slide a way on: an empty choice of its layout if it has one, else a new one where there is room, at the
 * bottom first and from the right.
 * @param options `id` for the choice, if a new one is needed
 */
export function addWay(
  deck: Deck,
  slideId: SlideId,
  options: { readonly id: ItemId; readonly words: string; readonly destination: Destination },
): Change[] {
  if (!deck.slides[slideId]) return [];
  const waiting = itemsOf(deck, slideId).find(
    (item) => item.kind === 'shape' && item.role?.startsWith('choice-') && !item.link && lettersOf(item.text) === '',
  );
  if (waiting)
    return [...setText(deck, waiting.id, plainText(options.words)), ...setLink(deck, waiting.id, options.destination)];
  return addItem(deck, {
    id: options.id,
    slideId,
    kind: 'shape',
    frame: freePlace(deck, slideId),
    link: options.destination,
    fields: {
      text: plainText(options.words),
      look: { ...PLAIN_LOOK, align: 'center', upright: 'middle', fit: 'shrink' },
    },
  });
}

/** Where nothing lies yet that is not in the backdrop; the corner at the bottom right when there is no such place. */
function freePlace(deck: Deck, slideId: SlideId): Frame {
  const { width, height } = slideSizes[deck.size];
  const taken = itemsOf(deck, slideId)
    .filter((item) => item.layer === 'slide' && !item.hidden)
    .map((item) => boundsOf(item.frame));
  const corner = { x: width - CHOICE.edge - CHOICE.width, y: height - CHOICE.edge - CHOICE.height };
  for (let { y } = corner; y >= CHOICE.edge; y -= CHOICE.height + CHOICE.apart) {
    for (let { x } = corner; x >= CHOICE.edge; x -= CHOICE.width + CHOICE.apart) {
      const place = { x, y, width: CHOICE.width, height: CHOICE.height };
      if (!taken.some((box) => boxesMeet(box, place))) return { ...place, rotation: 0 };
    }
  }
  return { ...corner, width: CHOICE.width, height: CHOICE.height, rotation: 0 };
}
