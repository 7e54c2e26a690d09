/** The decks that were deleted, to be restored while they are kept. */
import { DAYS_IN_BIN } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { Trash2, Undo2 } from 'lucide-react';
import { deletedDecksQuery, messageOf } from '../../../shared/api';
import { Button, Empty, Failing, Loading } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function Bin({ onRestore }: { onRestore: (deckIds: readonly string[]) => void }) {
  const says = messages.library;
  const deleted = useQuery(deletedDecksQuery);
  if (deleted.isPending) return <Loading what={says.decks} />;
  if (deleted.isError) return <Failing message={messageOf(deleted.error)} onRetry={() => void deleted.refetch()} />;
  if (deleted.data.length === 0)
    return <Empty icon={Trash2} title={says.emptyShelf.bin} text={says.emptyShelfText.bin({ days: DAYS_IN_BIN })} />;
  return (
    <ul className="max-w-3xl">
      {deleted.data.map(({ id, title, slideCount, deletedAt, goneAt }) => (
        <li key={id} className="flex items-center gap-3 border-b border-rule py-1.5">
          <span className="min-w-0 flex-1">
            <strong className="block wrap-anywhere">{title}</strong>
            <span className="text-sm text-soft">{says.deletedFacts({ slides: slideCount, deletedAt, goneAt })}</span>
          </span>
          <Button aria-label={says.restoreDeck({ title })} onClick={() => onRestore([id])}>
            <Undo2 size={18} aria-hidden /> {says.restore}
          </Button>
        </li>
      ))}
    </ul>
  );
}
