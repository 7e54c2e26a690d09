/** The teams a deck is shared with, and those it could be. */
import type { AudiencesView, AuthorTerms } from '@gobrel/contract';
import { UsersRound } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { Button, Menu, MenuEntry } from '../../../shared/ui';
import { RightRow } from './right-row';

interface TeamRowsProps {
  readonly audiences: AudiencesView;
  readonly onSet: (teamId: string, terms: AuthorTerms) => void;
  readonly onEnd: (teamId: string) => void;
}

export function TeamRows({ audiences: { teams }, onSet, onEnd }: TeamRowsProps) {
  const says = messages.school;
  return teams.map((team) => (
    <RightRow
      key={team.id}
      name={says.teamOf({ name: team.name })}
      more={<span className="text-sm text-soft">{says.inTeam({ count: team.members })}</span>}
      may={team.may}
      until={team.until}
      isPending={false}
      onChange={(terms) => onSet(team.id, terms)}
      onRemove={() => onEnd(team.id)}
    />
  ));
}

/** Lets a team be added, while there is one. */
export function AddTeam({ audiences: { otherTeams }, onSet }: Omit<TeamRowsProps, 'onEnd'>) {
  if (otherTeams.length === 0) return null;
  return (
    <Menu
      trigger={
        <Button look="quiet" className="-ms-3.5 mt-1">
          <UsersRound size={18} aria-hidden /> {messages.school.addTeam}
        </Button>
      }
    >
      {otherTeams.map(({ id, name, members }) => (
        <MenuEntry key={id} onSelect={() => onSet(id, {})}>
          {name} <span className="text-soft">{messages.school.inTeam({ count: members })}</span>
        </MenuEntry>
      ))}
    </Menu>
  );
}
