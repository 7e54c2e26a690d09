/** The links of the slide under it, each a press or a digit away, with the slides they lead to. */
import type { Deck, Destination } from '@gobrel/core/deck';
import { branchesOf, type Link } from '@gobrel/core/routes';
import { Lock } from 'lucide-react';
import { Thumbnail } from '../../../shared/slides';
import { destinationIn, messages, openWhen } from '../../../shared/messages';

interface LinkCardsProps {
  readonly deck: Deck;
  readonly links: readonly Link[];
  readonly onFollow: (destination: Destination) => void;
}

/** Width of the picture on a card, in CSS pixels. */
const PICTURE = 104;
/** So many links have a digit of their own. */
const DIGITS = 9;

export function LinkCards({ deck, links, onFollow }: LinkCardsProps) {
  if (links.length === 0) return null;
  return (
    <nav aria-label={messages.show.linksLead} className="flex-none pt-2">
      <ul className="grid max-h-52 grid-cols-[repeat(auto-fill,minmax(14.5rem,1fr))] gap-2 overflow-y-auto">
        {links.map((link, index) => (
          <li key={index}>
            <LinkCard deck={deck} link={link} digit={index < DIGITS ? index + 1 : null} onFollow={onFollow} />
          </li>
        ))}
      </ul>
    </nav>
  );
}

interface LinkCardProps {
  readonly deck: Deck;
  readonly link: Link;
  readonly digit: number | null;
  readonly onFollow: (destination: Destination) => void;
}

function LinkCard({ deck, link, digit, onFollow }: LinkCardProps) {
  const { destination } = link;
  const { gate } = destination;
  const [first] = branchesOf(deck, link.from, destination);
  return (
    <button
      type="button"
      className={`flex h-full min-h-18 w-full items-center gap-2 rounded-md border bg-card p-1.5 text-start hover:border-clay ${
        gate ? 'border-dashed border-edge' : 'border-rule'
      }`}
      onClick={() => onFollow(destination)}
    >
      <span className="relative flex-none">
        {first ? (
          <Thumbnail deck={deck} slideId={first.slideId} width={PICTURE} />
        ) : (
          <span className="block h-[60px] w-[106px] rounded border border-dashed border-edge" />
        )}
        {digit === null ? null : (
          <kbd
            aria-hidden
            className="absolute start-1 top-1 rounded border border-edge bg-card px-1.5 text-sm font-bold"
          >
            {digit}
          </kbd>
        )}
      </span>
      <span className="min-w-0 leading-tight">
        <strong className={gate ? 'line-clamp-1' : 'line-clamp-2'}>{destinationIn(deck, destination)}</strong>
        <span className={`font-semibold text-clay ${gate ? 'line-clamp-1' : 'line-clamp-2'}`}>
          {link.carrier || messages.kinds.hotspot}
        </span>
        {gate ? (
          <span className="flex items-start gap-1 text-sm text-amber">
            <Lock size={14} aria-hidden className="mt-0.5 flex-none" />
            <span className="line-clamp-2">{openWhen(deck, gate)}</span>
          </span>
        ) : null}
      </span>
    </button>
  );
}
