/** Names a unit: a new one, or one that is there. */
import type { UnitView } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, faultsOf, unitsQuery } from '../../../shared/api';
import { Button, Dialog, DialogActions, Field, FormTrouble } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function UnitDialog({ unit, onClose }: { unit: UnitView | null; onClose: () => void }) {
  const says = messages.library;
  const queries = useQueryClient();
  const [name, setName] = useState(unit?.name ?? '');
  const save = useMutation({
    mutationFn: () =>
      unit ? ask<UnitView>('PATCH', `/units/${unit.id}`, { name }) : ask<UnitView>('POST', '/units', { name }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: unitsQuery.queryKey });
      onClose();
    },
  });
  return (
    <Dialog title={unit ? says.renameUnit : says.newUnit} open onClose={onClose}>
      <form
        noValidate
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <Field
          label={says.unitName}
          value={name}
          onChange={(event) => setName(event.target.value)}
          fault={faultsOf(save.error)['name']}
        />
        <FormTrouble error={save.error} fields={['name']} />
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="main" disabled={save.isPending}>
            {messages.common.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
