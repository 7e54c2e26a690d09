/** A student of a class: name, group and PIN, and what is done with them. */
import type { ClassView, StudentData, StudentView } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ArrowRightLeft, Download, KeyRound, MoreHorizontal, Pencil, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { ask, messageOf } from '../../../shared/api';
import { fileName, saveBlob } from '../../../shared/downloads';
import { Button, Dialog, DialogActions, Field, Menu, MenuEntry, MenuRule, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { studentRecord } from './student-record';

interface StudentEntryProps {
  readonly schoolClass: ClassView;
  readonly student: StudentView;
  /** The teacher's classes, to move to. */
  readonly classes: readonly ClassView[];
}

export function StudentEntry({ schoolClass, student, classes }: StudentEntryProps) {
  const says = messages.classes;
  const queries = useQueryClient();
  const [open, setOpen] = useState<'change' | 'erase' | null>(null);
  const path = `/classes/${schoolClass.id}/students/${student.id}`;
  const settle = {
    onError: (error: unknown) => showToast(messageOf(error), { tone: 'trouble' }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['classes'] }),
  };
  const forget = useMutation({
    mutationFn: () => ask('DELETE', `${path}/pin`),
    onSuccess: () => showToast(says.pinForgotten),
    ...settle,
  });
  const change = useMutation({
    mutationFn: (fields: { name?: string; group?: string; classId?: string }) => ask('PATCH', path, fields),
    onSuccess: (_answer, { classId }) => {
      setOpen(null);
      const to = classes.find(({ id }) => id === classId);
      if (to) showToast(says.moved({ name: student.name, className: to.name }));
    },
    ...settle,
  });
  const take = useMutation({
    mutationFn: async () => {
      const [{ zipSync, strToU8 }, data] = await Promise.all([
        import('fflate'),
        ask<StudentData>('GET', `${path}/data`),
      ]);
      const name = fileName(data.name);
      const files = { html: studentRecord(data, new Date()), json: JSON.stringify(data, null, 2) };
      const zip = zipSync({ [`${name}.html`]: strToU8(files.html), [`${name}.json`]: strToU8(files.json) });
      saveBlob(new Blob([zip], { type: 'application/zip' }), `${name}.zip`);
    },
    onError: settle.onError,
  });
  const erase = useMutation({
    mutationFn: () => ask('DELETE', path),
    onSuccess: () => showToast(says.erased({ name: student.name })),
    ...settle,
  });
  return (
    <li className="flex min-h-9 items-center pointer-coarse:min-h-12 justify-between gap-1 border-b border-rule">
      <span className="min-w-0 flex-1">
        {student.name}
        {student.group ? <span className="text-sm text-soft"> · {student.group}</span> : null}
      </span>
      {student.hasPin ? null : <span className="text-sm text-soft">{says.noPin}</span>}
      <Menu
        trigger={
          <button
            type="button"
            aria-label={says.moreOf({ name: student.name })}
            className="inline-flex size-control items-center justify-center rounded-md hover:bg-rule/50"
          >
            <MoreHorizontal size={18} aria-hidden />
          </button>
        }
      >
        <MenuEntry onSelect={() => setOpen('change')}>
          <Pencil size={18} aria-hidden /> {says.nameAndGroup}
        </MenuEntry>
        {student.hasPin ? (
          <MenuEntry onSelect={() => forget.mutate()}>
            <KeyRound size={18} aria-hidden /> {says.forgetPin({ name: student.name })}
          </MenuEntry>
        ) : null}
        {classes
          .filter(({ id }) => id !== schoolClass.id)
          .map(({ id, name }) => (
            <MenuEntry key={id} onSelect={() => change.mutate({ classId: id })}>
              <ArrowRightLeft size={18} aria-hidden /> {says.moveTo({ className: name })}
            </MenuEntry>
          ))}
        <MenuEntry onSelect={() => take.mutate()}>
          <Download size={18} aria-hidden /> {says.data}
        </MenuEntry>
        <MenuRule />
        <MenuEntry danger onSelect={() => setOpen('erase')}>
          <Trash2 size={18} aria-hidden /> {says.erase}
        </MenuEntry>
      </Menu>
      {open === 'change' ? (
        <ChangeDialog student={student} onKeep={(fields) => change.mutate(fields)} onClose={() => setOpen(null)} />
      ) : null}
      <Dialog title={says.eraseTitle({ name: student.name })} open={open === 'erase'} onClose={() => setOpen(null)}>
        <p>{says.eraseText}</p>
        <DialogActions>
          <Button onClick={() => setOpen(null)}>{messages.common.cancel}</Button>
          <Button look="danger" disabled={erase.isPending} onClick={() => erase.mutate()}>
            {says.erase}
          </Button>
        </DialogActions>
      </Dialog>
    </li>
  );
}

interface ChangeProps {
  readonly student: StudentView;
  readonly onKeep: (fields: { name?: string; group?: string }) => void;
  readonly onClose: () => void;
}

function ChangeDialog({ student, onKeep, onClose }: ChangeProps) {
  const says = messages.classes;
  const [name, setName] = useState(student.name);
  const [group, setGroup] = useState(student.group);
  return (
    <Dialog title={says.nameAndGroup} open onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          // A number that only tells two of the same name apart is no part of the name.
          onKeep({ ...(name === student.name ? {} : { name }), group });
        }}
      >
        <Field label={messages.board.student} value={name} onChange={({ target }) => setName(target.value)} />
        <Field
          label={says.group}
          hint={says.groupHint}
          value={group}
          maxLength={40}
          onChange={({ target }) => setGroup(target.value)}
        />
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="main">
            {messages.common.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
