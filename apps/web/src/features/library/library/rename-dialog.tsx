/** Gives a deck another title. */
import { type DeckSummary, DeckTitle } from '@gobrel/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useQueryClient } from '@tanstack/react-query';
import 'reflect-metadata';
import { useForm } from 'react-hook-form';
import { ask, messageOf } from '../../../shared/api';
import { Button, Dialog, Field } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function RenameDialog({ deck, onClose }: { deck: DeckSummary; onClose: () => void }) {
  const queries = useQueryClient();
  const form = useForm<DeckTitle>({
    resolver: classValidatorResolver(DeckTitle),
    defaultValues: { title: deck.title },
  });
  const { errors, isSubmitting } = form.formState;
  const send = form.handleSubmit(async (values) => {
    try {
      await ask('PATCH', `/decks/${deck.id}`, values);
      await queries.invalidateQueries({ queryKey: ['decks'] });
      onClose();
    } catch (error) {
      form.setError('title', { message: messageOf(error) });
    }
  });
  return (
    <Dialog title={messages.library.rename} open onClose={onClose}>
      <form onSubmit={(event) => void send(event)} noValidate className="flex flex-col gap-4">
        <Field label={messages.library.deckTitle} fault={errors.title?.message} {...form.register('title')} />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="main" disabled={isSubmitting}>
            {messages.common.keep}
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
