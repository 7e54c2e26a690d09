/** A team's name, and who is in it. */
import type { SchoolView, TeamView } from '@gobrel/contract';
import { type FormEvent, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, Field } from '../../../shared/ui';
import { useSchool } from './use-school';

interface TeamDialogProps {
  readonly school: SchoolView;
  /** `null` for a new one. */
  readonly team: TeamView | null;
  readonly onClose: () => void;
}

export function TeamDialog({ school, team, onClose }: TeamDialogProps) {
  const says = messages.school;
  const [name, setName] = useState(team?.name ?? '');
  const [members, setMembers] = useState<ReadonlySet<string>>(new Set(team?.members ?? [school.me]));
  const { change, isPending } = useSchool();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const body = { name, members: [...members] };
    change(team ? 'PATCH' : 'POST', team ? `/teams/${team.id}` : '/teams', body, { onDone: onClose });
  };
  const set = (id: string, isIn: boolean) =>
    setMembers((before) => new Set(isIn ? [...before, id] : [...before].filter((other) => other !== id)));
  return (
    <Dialog title={team ? says.editTeam : says.newTeam} open onClose={onClose}>
      <form onSubmit={submit}>
        <Field
          label={says.teamName}
          hint={says.teamNameHint}
          value={name}
          maxLength={80}
          onChange={({ target }) => setName(target.value)}
        />
        <fieldset className="mt-2">
          <legend className="font-semibold">{says.members}</legend>
          <ul className="max-h-72 overflow-auto">
            {school.colleagues.map((colleague) => (
              <li key={colleague.id}>
                <label className="flex min-h-control items-center gap-2.5">
                  <input
                    type="checkbox"
                    className="size-4.5 accent-dusk"
                    checked={members.has(colleague.id)}
                    // Whoever makes a team is in it.
                    disabled={team === null && colleague.id === school.me}
                    onChange={({ target }) => set(colleague.id, target.checked)}
                  />
                  {colleague.name}
                </label>
              </li>
            ))}
          </ul>
        </fieldset>
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="main" disabled={name.trim() === '' || isPending}>
            {messages.common.keep}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
