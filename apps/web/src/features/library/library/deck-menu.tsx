/** What can be done with one deck of a library. */
import type { DeckSummary } from '@gobrel/contract';
import {
  Archive,
  ArchiveRestore,
  Copy,
  EllipsisVertical,
  FolderInput,
  PenLine,
  Send,
  Trash2,
  UserPlus,
} from 'lucide-react';
import { IconButton, Menu, MenuEntry, MenuRule } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

/** What can be done with decks. */
export interface DeckActions {
  readonly handOut: (deck: DeckSummary) => void;
  readonly share: (deck: DeckSummary) => void;
  readonly rename: (deck: DeckSummary) => void;
  readonly copy: (deck: DeckSummary) => void;
  readonly move: (decks: readonly DeckSummary[]) => void;
  readonly archive: (decks: readonly DeckSummary[], archived: boolean) => void;
  readonly remove: (decks: readonly DeckSummary[]) => void;
}

export function DeckMenu({ deck, actions }: { deck: DeckSummary; actions: DeckActions }) {
  const says = messages.library;
  const isArchived = deck.archivedAt !== null;
  const Store = isArchived ? ArchiveRestore : Archive;
  return (
    <Menu
      trigger={
        <IconButton name={says.actions({ title: deck.title })}>
          <EllipsisVertical size={18} aria-hidden />
        </IconButton>
      }
    >
      {deck.may === 'edit' ? (
        <>
          <MenuEntry onSelect={() => actions.handOut(deck)}>
            <Send size={18} aria-hidden /> {messages.handOut.action}
          </MenuEntry>
          <MenuEntry onSelect={() => actions.share(deck)}>
            <UserPlus size={18} aria-hidden /> {messages.sharing.action}
          </MenuEntry>
          <MenuEntry onSelect={() => actions.rename(deck)}>
            <PenLine size={18} aria-hidden /> {says.rename}
          </MenuEntry>
        </>
      ) : null}
      <MenuEntry onSelect={() => actions.copy(deck)}>
        <Copy size={18} aria-hidden /> {says.duplicate}
      </MenuEntry>
      <MenuRule />
      <MenuEntry onSelect={() => actions.move([deck])}>
        <FolderInput size={18} aria-hidden /> {says.moveTo}
      </MenuEntry>
      <MenuEntry onSelect={() => actions.archive([deck], !isArchived)}>
        <Store size={18} aria-hidden /> {isArchived ? says.fromArchive : says.toArchive}
      </MenuEntry>
      {deck.sharedBy ? null : (
        <>
          <MenuRule />
          <MenuEntry danger onSelect={() => actions.remove([deck])}>
            <Trash2 size={18} aria-hidden /> {says.delete}
          </MenuEntry>
        </>
      )}
    </Menu>
  );
}
