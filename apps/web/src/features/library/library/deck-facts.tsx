/** What is said of a deck beside its title: who has it, and on which slides the sought words stand. */
import type { DeckSummary, FoundDeck } from '@gobrel/contract';
import { Globe, Lock, Users } from 'lucide-react';
import { messages } from '../../../shared/messages';

/** Who has a deck beside whoever looks: nobody, some, anyone with the link, everybody; or who shares it with them. */
export function SharingNote({ deck }: { deck: DeckSummary }) {
  const says = messages.library;
  const words = [
    deck.sharedBy === null ? '' : says.from({ name: deck.sharedBy }),
    deck.sharedBy !== null && deck.may === 'view' ? says.viewOnly : '',
    deck.sharedBy === null && deck.sharedWith > 0 ? says.sharedWith({ count: deck.sharedWith }) : '',
    deck.sharedBy === null && deck.isOffered ? says.offered : '',
    deck.isPublished ? says.published : '',
    deck.hasLink ? says.byLink : '',
  ].filter((part) => part !== '');
  const Icon = words.length === 0 ? Lock : deck.isPublished ? Globe : Users;
  return (
    <>
      <span className="flex min-w-0 items-center gap-1.5">
        <Icon size={15} aria-hidden className="flex-none text-soft" />{' '}
        <span className="truncate">{words.length === 0 ? says.private : words.join(' · ')}</span>
      </span>
      {deck.copiedFrom ? (
        <span className="block truncate text-soft">
          {says.copiedFrom({ title: deck.copiedFrom.title, name: deck.copiedFrom.by })}
        </span>
      ) : null}
    </>
  );
}

/** Where the words that are sought stand; nothing where only the title says them. */
export function FoundNote({ found }: { found: FoundDeck | undefined }) {
  if (!found) return null;
  const [first] = found.slides;
  return (
    <span className="line-clamp-2 text-soft">
      {messages.library.foundOn({ count: found.slides.length })}
      {first ? `: ${first.excerpt || first.name}` : ''}
    </span>
  );
}
