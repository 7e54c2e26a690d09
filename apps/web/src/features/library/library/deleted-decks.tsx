/** The decks that were deleted, to be restored; below the library, folded away. */
import { useQuery } from '@tanstack/react-query';
import { Trash2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { deletedDecksQuery } from '../../../shared/api';
import { Button, Dialog } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function DeletedDecks({ onRestore }: { onRestore: (deck: { readonly id: string }) => void }) {
  const says = messages.library;
  const deleted = useQuery(deletedDecksQuery);
  const [open, setOpen] = useState(false);
  const decks = deleted.data ?? [];
  if (decks.length === 0) return null;
  return (
    <div className="mt-8 border-t border-rule pt-3">
      <Button look="quiet" className="-ml-3.5" onClick={() => setOpen(true)}>
        <Trash2 size={18} aria-hidden /> {says.deletedDecks({ count: decks.length })}
      </Button>
      <Dialog title={says.deletedDecks({ count: decks.length })} open={open} onClose={() => setOpen(false)}>
        <ul>
          {decks.map(({ id, title, slideCount, deletedAt, goneAt }) => (
            <li key={id} className="flex items-center gap-3 border-t border-rule py-1.5">
              <span className="min-w-0 flex-1">
                <strong className="block wrap-anywhere">{title}</strong>
                <span className="text-sm text-soft">
                  {says.deletedFacts({ slides: slideCount, deletedAt, goneAt })}
                </span>
              </span>
              <Button aria-label={says.restoreDeck({ title })} onClick={() => onRestore({ id })}>
                <Undo2 size={18} aria-hidden /> {says.restore}
              </Button>
            </li>
          ))}
        </ul>
      </Dialog>
    </div>
  );
}
