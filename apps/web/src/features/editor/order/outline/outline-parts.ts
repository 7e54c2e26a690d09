/** What of a slide its outline has: the texts as they are read, and the links with what carries them. */
import { type Deck, type Item, itemsOf, lettersOf, type SlideId } from '@gobrel/core/deck';
import { branchesOf, type Link, linksFrom, slideLedTo } from '@gobrel/core/routes';
import { branchCalled, destinationIn, listed, messages, openWhen, slideName } from '../../../../shared/messages';

export type Worded = Extract<Item, { text: unknown }>;

/** A text of a slide, and whether it is the slide's title. */
export interface Read {
  readonly item: Worded;
  readonly isTitle: boolean;
}

/**
 * The texts of a slide as they are read: the title first (by its part in the layout, else the topmost in heading
 * letters), then from top to bottom. Shapes without words are not among them.
 */
export function textsOf(deck: Deck, slideId: SlideId): readonly Read[] {
  const texts = itemsOf(deck, slideId)
    .filter((item): item is Worded => item.kind === 'text' || (item.kind === 'shape' && lettersOf(item.text) !== ''))
    .sort((a, b) => a.frame.y - b.frame.y || a.frame.x - b.frame.x);
  const title = texts.find((item) => item.role === 'title') ?? texts.find((item) => item.look.heading);
  const others = texts.filter((item) => item !== title);
  return [...(title ? [{ item: title, isTitle: true }] : []), ...others.map((item) => ({ item, isTitle: false }))];
}

/** A link as the outline says it. */
export interface LinkRead {
  readonly link: Link;
  /** What carries it: linked words, a name, or a kind of item. */
  readonly carrier: string;
  /** Where it leads, in words, with what it waits for. */
  readonly leadsTo: string;
  /** The slide it leads to whatever is answered; `null` when it is another place or none. */
  readonly slideId: SlideId | null;
  readonly isBroken: boolean;
}

/** The links of a slide, in the order in which its texts are read; those of other items come last. */
export function linksRead(deck: Deck, slideId: SlideId, texts: readonly Read[]): readonly LinkRead[] {
  const place = ({ itemId }: Link) => {
    const at = texts.findIndex(({ item }) => item.id === itemId);
    return at < 0 ? texts.length : at;
  };
  return [...linksFrom(deck, slideId)]
    .sort((a, b) => place(a) - place(b) || (a.run ?? -1) - (b.run ?? -1))
    .map((link) => ({
      link,
      carrier: link.carrier || messages.kinds[deck.items[link.itemId]?.kind ?? 'hotspot'],
      leadsTo: leadsTo(deck, link),
      slideId: slideLedTo(deck, slideId, link.destination),
      isBroken: link.destination.to === 'slide' && !deck.slides[link.destination.slideId],
    }));
}

function leadsTo(deck: Deck, { from, destination }: Link): string {
  const branches =
    destination.to === 'by-answer'
      ? branchesOf(deck, from, destination).map(({ slideId, answer }) =>
          messages.order.branch({
            name: slideName(deck, slideId),
            when: answer === null ? '' : branchCalled(deck.items[destination.questionId], answer),
          }),
        )
      : [];
  const where = branches.length > 0 ? listed(branches) : destinationIn(deck, destination);
  return destination.gate ? listed([where, openWhen(deck, destination.gate)]) : where;
}
