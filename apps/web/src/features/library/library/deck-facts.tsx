/** What is said of a deck beside its title: who has it, and on which slides the sought words stand. */
import type { DeckSummary, FoundDeck } from '@gobrel/contract';
import { Lock, Users } from 'lucide-react';
import { messages } from '../../../shared/messages';

/** Whether others have a deck: private, shared with some, or shared by somebody else. */
export function SharingNote({ deck }: { deck: DeckSummary }) {
  const says = messages.library;
  const isPrivate = deck.sharedBy === null && deck.sharedWith === 0;
  const Icon = isPrivate ? Lock : Users;
  const words =
    deck.sharedBy !== null
      ? says.from({ name: deck.sharedBy })
      : isPrivate
        ? says.private
        : says.sharedWith({ count: deck.sharedWith });
  return (
    <span className="flex min-w-0 items-center gap-1.5">
      <Icon size={15} aria-hidden className="flex-none text-soft" /> <span className="truncate">{words}</span>
    </span>
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
