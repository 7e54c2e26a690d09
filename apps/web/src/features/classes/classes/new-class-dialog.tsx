/** A new class, or more students of one: names typed, pasted or from a file, with their groups. */
import type { ClassView } from '@gobrel/contract';
import { matchedIds, readClassList, readRoster, type RosterClass, type SecondColumn } from '@gobrel/core/formats';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, faultsOf } from '../../../shared/api';
import {
  Button,
  Dialog,
  DialogActions,
  Field,
  FileButton,
  FormTrouble,
  LongField,
  showToast,
} from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { decodeText } from './decode-text';
import { ListPreview } from './list-preview';

/** The longest name of a class, in letters. */
const LONGEST_NAME = 80;

interface NewClassProps {
  /** The class that students are added to; `null` for a new one. */
  readonly into: ClassView | null;
  readonly onClose: () => void;
}

export function NewClassDialog({ into, onClose }: NewClassProps) {
  const says = messages.classes;
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [list, setList] = useState('');
  const [said, setSaid] = useState<SecondColumn | null>(null);
  /** The classes of a file of the school's system, and which of them is taken. */
  const [roster, setRoster] = useState<readonly RosterClass[]>([]);
  const [taken, setTaken] = useState<RosterClass | null>(null);
  const read = readClassList(list, said);
  const students = read.students.map((student) => student.name);
  const groups = read.students.map(({ group }) => group);
  const rosterIds = matchedIds(students, taken ? asListed(taken) : []);
  const create = useMutation({
    mutationFn: () =>
      into
        ? ask<ClassView>('POST', `/classes/${into.id}/students`, { students, groups, rosterIds })
        : ask<ClassView>('POST', '/classes', {
            ...{ name, students, groups, rosterIds },
            ...(taken ? { roster: taken.ref } : {}),
          }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['classes'] });
      onClose();
    },
  });
  const takeClass = (found: RosterClass) => {
    setTaken(found);
    setName(found.title.slice(0, LONGEST_NAME));
    setList(
      asListed(found)
        .map((student) => student.name)
        .join('\n'),
    );
    setSaid(null);
  };
  const take = async (file: File) => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    if (/\.zip$/i.test(file.name)) {
      const lists = readRoster(bytes);
      if ('fault' in lists) return showToast(messages.classList.rosterFaults[lists.fault], { tone: 'trouble' });
      setRoster(lists.classes);
      const [first] = lists.classes;
      if (first) takeClass(first);
      return;
    }
    const text = decodeText(bytes);
    const found = readClassList(text);
    if (found.students.length === 0) return showToast(says.unreadable, { tone: 'trouble' });
    if (list.trim() === '') return setList(text.trim());
    const lines = [...read.students, ...found.students].map(({ name: each, group }) =>
      [each, group].filter(Boolean).join(', '),
    );
    setList(lines.join('\n'));
    setSaid('group');
  };
  const faults = faultsOf(create.error);
  return (
    <Dialog title={into ? says.addStudents : says.newClass} open onClose={onClose} wide>
      <form
        noValidate
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          create.mutate();
        }}
      >
        {roster.length > 1 ? (
          <label className="block">
            <span className="font-semibold">{messages.classList.rosterClass}</span>
            <select
              className="mt-1 block min-h-control w-full rounded-md border border-edge bg-card px-2"
              onChange={({ target }) => {
                const chosen = roster[target.selectedIndex];
                if (chosen) takeClass(chosen);
              }}
            >
              {roster.map(({ ref, title, students: all }) => (
                <option key={ref.classId} value={ref.classId}>
                  {title} ({all.length})
                </option>
              ))}
            </select>
          </label>
        ) : null}
        {into ? null : (
          <Field
            label={says.name}
            value={name}
            onChange={(event) => setName(event.target.value)}
            fault={faults['name']}
          />
        )}
        <div className="grid gap-4 sm:grid-cols-2">
          <LongField
            label={says.students}
            rows={11}
            value={list}
            onChange={(event) => setList(event.target.value)}
            hint={says.studentsHint({ students: students.length })}
            fault={faults['students']}
          />
          <ListPreview list={read} onSay={setSaid} />
        </div>
        <FileButton
          name={says.fromFile}
          accept=".csv,.txt,.zip,text/csv,text/plain"
          onFile={(file) => void take(file)}
        />
        <FormTrouble error={create.error} fields={['name', 'students']} />
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="main" disabled={create.isPending || students.length === 0}>
            {messages.common.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

/** The students of a class as they stand in the list, a line each, where a comma would begin a group. */
function asListed({ students }: RosterClass) {
  return students.map(({ id, name }) => ({ id, name: name.replaceAll(',', ' ').replaceAll(/\s+/g, ' ').trim() }));
}
