/** A new class, or more students of one: names typed, pasted or from a CSV file, with their groups. */
import type { ClassView } from '@gobrel/contract';
import { readClassList } from '@gobrel/core/formats';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, messageOf, Refusal } from '../../server';
import { Button, Dialog, Field, FileButton, LongField, tell } from '../../ui';
import { words } from '../../words';

interface NewClassProps {
  /** The class that students are added to; `null` for a new one. */
  readonly into: ClassView | null;
  readonly onClose: () => void;
}

export function NewClassDialog({ into, onClose }: NewClassProps) {
  const says = words.classes;
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [list, setList] = useState('');
  const listed = readClassList(list);
  const students = listed.map((student) => student.name);
  const groups = listed.map(({ group }) => group);
  const create = useMutation({
    mutationFn: () =>
      into
        ? ask<ClassView>('POST', `/classes/${into.id}/students`, { students, groups })
        : ask<ClassView>('POST', '/classes', { name, students, groups }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['classes'] });
      onClose();
    },
  });
  const take = async (file: File) => {
    const found = readClassList(await file.text());
    if (found.length === 0) return tell(says.unreadable, { tone: 'trouble' });
    const lines = found.map((student) => [student.name, student.group].filter(Boolean).join(', '));
    setList([list.trim(), ...lines].filter(Boolean).join('\n'));
  };
  const fields = create.error instanceof Refusal ? create.error.problem.fields : undefined;
  return (
    <Dialog title={into ? says.addStudents : says.newClass} open onClose={onClose}>
      <form
        noValidate
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          create.mutate();
        }}
      >
        {into ? null : (
          <Field
            label={says.name}
            value={name}
            onChange={(event) => setName(event.target.value)}
            fault={fields?.['name']}
          />
        )}
        <LongField
          label={says.students}
          rows={9}
          value={list}
          onChange={(event) => setList(event.target.value)}
          hint={says.studentsHint(students.length)}
          fault={fields?.['students']}
        />
        <FileButton name={says.fromFile} accept=".csv,.txt,text/csv,text/plain" onFile={(file) => void take(file)} />
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
