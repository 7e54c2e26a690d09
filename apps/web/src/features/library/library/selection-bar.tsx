/** What can be done with all selected decks at once. */
import type { DeckSummary } from '@gobrel/contract';
import { Archive, ArchiveRestore, FolderInput, Trash2, X } from 'lucide-react';
import { Button, IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { DeckActions } from './deck-menu';

interface SelectionBarProps {
  readonly selected: readonly DeckSummary[];
  readonly inArchive: boolean;
  readonly actions: DeckActions;
  readonly onSelectAll: () => void;
  readonly onClear: () => void;
}

export function SelectionBar({ selected, inArchive, actions, onSelectAll, onClear }: SelectionBarProps) {
  const says = messages.library;
  const Store = inArchive ? ArchiveRestore : Archive;
  const own = selected.filter(({ sharedBy }) => sharedBy === null);
  return (
    <div
      role="toolbar"
      aria-label={says.selection}
      className="sticky bottom-3 z-10 mx-auto mt-4 flex w-fit max-w-full flex-wrap items-center gap-1.5 rounded-md border border-ink bg-card p-1.5 shadow-lg"
    >
      <span role="status" className="px-2 font-semibold">
        {says.selected({ count: selected.length })}
      </span>
      <Button onClick={onSelectAll}>{says.selectAll}</Button>
      <Button onClick={() => actions.move(selected)}>
        <FolderInput size={18} aria-hidden /> {says.moveTo}
      </Button>
      <Button onClick={() => actions.archive(selected, !inArchive)}>
        <Store size={18} aria-hidden /> {inArchive ? says.fromArchive : says.toArchive}
      </Button>
      <Button look="quiet" className="text-berry" disabled={own.length === 0} onClick={() => actions.remove(own)}>
        <Trash2 size={18} aria-hidden /> {says.delete}
      </Button>
      <IconButton name={says.clear} onClick={onClear}>
        <X size={18} aria-hidden />
      </IconButton>
    </div>
  );
}
