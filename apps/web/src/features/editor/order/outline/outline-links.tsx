/** The links of a text in the outline: where each leads, a press away from being led elsewhere, and one more to be tied. */
import type { SlideId } from '@gobrel/core/deck';
import { ArrowDown, ArrowRight, Link2, Unlink } from 'lucide-react';
import { IconButton } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { destinationIcons } from '../../links/destination-icons';
import type { LinkRead } from './outline-parts';

interface OutlineLinksProps {
  readonly links: readonly LinkRead[];
  /** Leads a link elsewhere, or takes it away. */
  readonly onChange: (link: LinkRead) => void;
  /** Goes to the slide a link leads to. */
  readonly onGo: (slideId: SlideId) => void;
}

export function OutlineLinks({ links, onChange, onGo }: OutlineLinksProps) {
  return (
    <ul className="flex min-w-0 flex-col gap-1 empty:hidden">
      {links.map((read) => {
        const { link, carrier, leadsTo, slideId, isBroken } = read;
        const Icon = isBroken
          ? Unlink
          : link.destination.to === 'slide'
            ? ArrowRight
            : destinationIcons[link.destination.to];
        return (
          <li key={`${link.itemId} ${link.run ?? ''}`} className="flex items-center gap-1">
            <button
              type="button"
              aria-label={messages.order.linkLeads({ carrier, leadsTo })}
              className={`flex min-h-control min-w-0 items-center gap-1.5 rounded-md px-2 text-start text-sm hover:bg-rule/50 ${isBroken ? 'text-berry' : 'text-clay'}`}
              onClick={() => onChange(read)}
            >
              {link.run === null ? null : <span className="min-w-0 text-soft">{carrier}</span>}
              <Icon size={16} aria-hidden className="flex-none" />
              <span className="min-w-0 font-semibold">{leadsTo}</span>
            </button>
            {slideId === null ? null : (
              <IconButton name={messages.editor.goThere({ name: leadsTo })} onClick={() => onGo(slideId)}>
                <ArrowDown size={16} aria-hidden />
              </IconButton>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** Ties a link to a text, or to the words of it that are marked while somebody types in it. */
export function TieLink({ label, onTie }: { readonly label: string; readonly onTie: () => void }) {
  return (
    <button
      type="button"
      aria-label={messages.order.tieTo({ label })}
      className="flex min-h-control items-center gap-1.5 self-start rounded-md px-2 text-sm text-soft hover:bg-rule/50 hover:text-ink"
      // What is marked in the text stays marked.
      onMouseDown={(event) => event.preventDefault()}
      onClick={onTie}
    >
      <Link2 size={16} aria-hidden /> {messages.editor.linkItem}
    </button>
  );
}
