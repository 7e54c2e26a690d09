/** The teams of a school: colleagues who share decks with each other. */
import type { SchoolView, TeamView } from '@gobrel/contract';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { listed, messages } from '../../../shared/messages';
import { Button, ConfirmDialog } from '../../../shared/ui';
import { TeamDialog } from './team-dialog';
import { useSchool } from './use-school';

export function Teams({ school, manages }: { school: SchoolView; manages: boolean }) {
  const says = messages.school;
  const { change, isPending } = useSchool();
  const [edited, setEdited] = useState<TeamView | 'new' | null>(null);
  const [removed, setRemoved] = useState<TeamView | null>(null);
  const nameOf = new Map(school.colleagues.map(({ id, name }) => [id, name]));
  return (
    <section aria-labelledby="teams">
      <div className="flex items-center justify-between gap-3">
        <h2 id="teams" className="text-xl">
          {says.teams}
        </h2>
        <Button onClick={() => setEdited('new')}>
          <Plus size={18} aria-hidden /> {says.newTeam}
        </Button>
      </div>
      <p className="mb-2 text-sm text-soft">{says.teamsHint}</p>
      {school.teams.length === 0 ? <p className="border-t border-rule py-3 text-soft">{says.noTeams}</p> : null}
      <ul className="border-t border-rule">
        {school.teams.map((team) => (
          <li key={team.id} className="flex items-center gap-2 border-b border-rule py-1.5">
            <span className="min-w-0 flex-1 wrap-anywhere">
              <strong>{team.name}</strong>
              <span className="block text-sm text-soft">
                {team.members.length === 0 ? says.nobody : listed(team.members.map((id) => nameOf.get(id) ?? ''))}
              </span>
            </span>
            {manages || team.members.includes(school.me) ? (
              <>
                <Button look="quiet" aria-label={says.editThis({ name: team.name })} onClick={() => setEdited(team)}>
                  {says.edit}
                </Button>
                <Button
                  look="quiet"
                  className="text-berry"
                  aria-label={says.deleteThis({ name: team.name })}
                  onClick={() => setRemoved(team)}
                >
                  {says.delete}
                </Button>
              </>
            ) : null}
          </li>
        ))}
      </ul>
      {edited ? (
        <TeamDialog school={school} team={edited === 'new' ? null : edited} onClose={() => setEdited(null)} />
      ) : null}
      {removed ? (
        <ConfirmDialog
          title={says.deleteTitle({ name: removed.name })}
          action={says.deleteTeam}
          isPending={isPending}
          onConfirm={() => change('DELETE', `/teams/${removed.id}`, undefined, { onSettled: () => setRemoved(null) })}
          onClose={() => setRemoved(null)}
        >
          {says.deleteText}
        </ConfirmDialog>
      ) : null}
    </section>
  );
}
