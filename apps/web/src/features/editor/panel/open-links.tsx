/** The links of the deck that lead nowhere any more, each a press away. */
import { type Deck, isDangling, type ItemId, type SlideId } from '@gobrel/core/deck';
import { linksOf } from '@gobrel/core/routes';
import { Unlink } from 'lucide-react';
import { messages, slideName } from '../../../shared/messages';
import { Group } from './parts';

interface OpenLinksProps {
  readonly deck: Deck;
  /** Goes to the item that carries a link. */
  readonly onGo: (slideId: SlideId, itemId: ItemId) => void;
}

export function OpenLinks({ deck, onGo }: OpenLinksProps) {
  const open = linksOf(deck).filter((link) => isDangling(deck, link.destination));
  if (open.length === 0) return null;
  return (
    <Group title={messages.routes.openLinks({ count: open.length })}>
      <p className="mb-1 text-sm text-soft">{messages.routes.openLinksHint}</p>
      <ul aria-label={messages.routes.openLinks({ count: open.length })} className="max-h-60 overflow-y-auto">
        {open.map((link, index) => (
          <li key={`${link.itemId} ${index}`}>
            <button
              type="button"
              className="flex min-h-control w-full items-center gap-2 rounded-md px-2 text-start text-sm text-berry hover:bg-paper"
              onClick={() => onGo(link.from, link.itemId)}
            >
              <Unlink size={16} aria-hidden className="flex-none" />
              <span className="min-w-0 break-words">
                {messages.routes.openLink({
                  slide: slideName(deck, link.from),
                  carrier: link.carrier || messages.kinds[deck.items[link.itemId]?.kind ?? 'hotspot'],
                })}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Group>
  );
}
