/** Commands on links: leading one elsewhere, and giving a slide a new way on. */
import { applyChanges, type Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import { type BranchAnswer, type Destination, type Place, withGate } from '../links/destination.js';
import type { Gate } from '../links/gate.js';
import { PLAIN_LOOK } from '../kinds/kind.js';
import type { Frame } from '../../geometry/index.js';
import type { ItemId, SlideId } from '../model/identifiers.js';
import { lettersOf, plainText } from '../text/rich-text.js';
import { linkedWordsIn, relinkedIn } from '../text/texts.js';
import { placeForChoice } from './choice-places.js';
import { addItem, setFrames, setItemFields, setLink, setText } from './items.js';

/** What carries a link: an item, or some of the linked words of its text, counted from 0. */
interface Carrier {
  readonly itemId: ItemId;
  readonly run: number | null;
}

/** The destination of a carrier; `null` when it carries none. */
function destinationOf(deck: Deck, { itemId, run }: Carrier): Destination | null {
  const item = deck.items[itemId];
  if (run === null) return item?.link ?? null;
  return item ? (linkedWordsIn(item)[run]?.destination ?? null) : null;
}

/**
 * Leads a link to a place; its gate stays. A link that goes by an answer leads there by the one that is given, and
 * every way when none is.
 */
export function leadTo(deck: Deck, carrier: Carrier, place: Place, answer: BranchAnswer | null = null): Change[] {
  const present = destinationOf(deck, carrier);
  const gate = present?.gate ?? null;
  if (answer === null || present?.to !== 'by-answer' || place.to !== 'slide')
    return leadLink(deck, carrier, withGate(place, gate));
  const led: Destination =
    typeof answer === 'string'
      ? { ...present, [answer]: place.slideId }
      : { ...present, choices: { ...present.choices, [answer.choice]: place.slideId } };
  return leadLink(deck, carrier, led);
}

/** Sets a link's gate, or takes it away with `null`. */
export function setGate(deck: Deck, carrier: Carrier, gate: Gate | null): Change[] {
  const present = destinationOf(deck, carrier);
  return present ? leadLink(deck, carrier, withGate(present, gate)) : [];
}

/** Puts a destination on a link, or takes the link away with `null`. */
export function leadLink(deck: Deck, { itemId, run }: Carrier, destination: Destination | null): Change[] {
  if (run === null) return setLink(deck, itemId, destination);
  const item = deck.items[itemId];
  const led = item ? relinkedIn(item, run, destination) : null;
  return led ? setItemFields(deck, itemId, { [led.field]: led.text }) : [];
}

/**
 * Leads links away from slides that go to another one, those that go by an answer only where they led to them. What
 * stands on several words of one text is led one after the other.
 */
export function leadAway(deck: Deck, carriers: readonly Carrier[], gone: readonly SlideId[], to: SlideId): Change[] {
  let present = deck;
  // Words that lead to one place may become one, so the last ones go first.
  const ordered = [...carriers].sort((a, b) => (b.run ?? 0) - (a.run ?? 0));
  return ordered.flatMap((carrier) => {
    const destination = destinationOf(present, carrier);
    const changes = destination ? leadLink(present, carrier, ledAway(destination, gone, to)) : [];
    present = applyChanges(present, changes);
    return changes;
  });
}

function ledAway(destination: Destination, gone: readonly SlideId[], to: SlideId): Destination {
  const instead = <T extends SlideId | null>(slideId: T) => (slideId !== null && gone.includes(slideId) ? to : slideId);
  if (destination.to !== 'by-answer') return withGate({ to: 'slide', slideId: to }, destination.gate ?? null);
  return {
    ...destination,
    right: instead(destination.right),
    wrong: instead(destination.wrong),
    choices: Object.fromEntries(Object.entries(destination.choices).map(([id, slideId]) => [id, instead(slideId)])),
  };
}

/**
 * Gives a slide a way on: an empty choice of its layout if it has one, else a new one where there is room.
 * @param options `id` for the choice, if a new one is needed; `frame` for where it is to stand
 */
export function addWay(
  deck: Deck,
  slideId: SlideId,
  options: {
    readonly id: ItemId;
    readonly words: string;
    readonly destination: Destination;
    readonly frame?: Frame;
  },
): Change[] {
  if (!deck.slides[slideId]) return [];
  const waiting = itemsOf(deck, slideId).find(
    (item) => item.kind === 'shape' && item.role?.startsWith('choice-') && !item.link && lettersOf(item.text) === '',
  );
  if (waiting)
    return [...setText(deck, waiting.id, plainText(options.words)), ...setLink(deck, waiting.id, options.destination)];
  const { frame, moved } = options.frame ? { frame: options.frame, moved: {} } : placeForChoice(deck, slideId);
  return [
    ...setFrames(deck, moved),
    ...addItem(deck, {
      id: options.id,
      slideId,
      kind: 'shape',
      frame,
      link: options.destination,
      fields: {
        text: plainText(options.words),
        look: { ...PLAIN_LOOK, align: 'center', upright: 'middle', fit: 'shrink' },
      },
    }),
  ];
}
