/** A new class: its name, and its students' names typed or pasted, one a line. */
import type { ClassView } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, messageOf, Refusal } from '../../server';
import { Button, Dialog, Field, LongField } from '../../ui';
import { words } from '../../words';

export function NewClassDialog({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [list, setList] = useState('');
  const students = list
    .split(/[\n\t;]+/)
    .map((line) => line.trim())
    .filter((line) => line !== '');
  const create = useMutation({
    mutationFn: () => ask<ClassView>('POST', '/classes', { name, students }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['classes'] });
      onClose();
    },
  });
  const fields = create.error instanceof Refusal ? create.error.problem.fields : undefined;
  return (
    <Dialog title={words.classes.newClass} open onClose={onClose}>
      <form
        noValidate
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          create.mutate();
        }}
      >
        <Field
          label={words.classes.name}
          value={name}
          onChange={(event) => setName(event.target.value)}
          fault={fields?.['name']}
        />
        <LongField
          label={words.classes.students}
          rows={9}
          value={list}
          onChange={(event) => setList(event.target.value)}
          hint={words.classes.count(students.length)}
          fault={fields?.['students']}
        />
        {create.isError && !fields ? (
          <p role="alert" className="text-berry">
            {messageOf(create.error)}
          </p>
        ) : null}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>{words.common.cancel}</Button>
          <Button type="submit" look="main" disabled={create.isPending}>
            {words.common.keep}
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
