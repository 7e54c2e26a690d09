/** Gives a deck another title. */
import type { DeckSummary } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, faultsOf } from '../../../shared/api';
import { Button, Dialog, DialogActions, Field, FormTrouble } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function RenameDialog({ deck, onClose }: { deck: DeckSummary; onClose: () => void }) {
  const queries = useQueryClient();
  const [title, setTitle] = useState(deck.title);
  const rename = useMutation({
    mutationFn: () => ask('PATCH', `/decks/${deck.id}`, { title }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['decks'] });
      onClose();
    },
  });
  return (
    <Dialog title={messages.library.rename} open onClose={onClose}>
      <form
        noValidate
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          rename.mutate();
        }}
      >
        <Field
          label={messages.library.deckTitle}
          value={title}
          onChange={(event) => setTitle(event.target.value)}
          fault={faultsOf(rename.error)['title']}
        />
        <FormTrouble error={rename.error} fields={['title']} />
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="main" disabled={rename.isPending}>
            {messages.common.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
