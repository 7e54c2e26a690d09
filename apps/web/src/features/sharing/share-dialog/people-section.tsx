/** People and teams a deck is shared with: asked by e-mail, each with what they can do and until when. */
import type { AudiencesView, AuthorRight, AuthorTerms, AuthorView } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Users } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { ask, authorsQuery, messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Select, showToast } from '../../../shared/ui';
import { RightRow, rights } from './right-row';
import { Section } from './section';
import { AddTeam, TeamRows } from './team-rows';
import { useAudiences } from './use-audiences';

interface PeopleSectionProps {
  readonly deckId: string;
  readonly people: readonly AuthorView[];
  readonly audiences: AudiencesView;
}

export function PeopleSection({ deckId, people, audiences }: PeopleSectionProps) {
  const says = messages.sharing;
  const { setTeam, endTeam } = useAudiences(deckId);
  return (
    <Section icon={Users} title={says.people} hint={says.peopleHint}>
      <InviteForm deckId={deckId} />
      <AddTeam audiences={audiences} onSet={setTeam} />
      <ul className="mt-1 divide-y divide-rule">
        {people.map((person) => (
          <Person key={person.id} deckId={deckId} person={person} />
        ))}
        <TeamRows audiences={audiences} onSet={setTeam} onEnd={endTeam} />
      </ul>
    </Section>
  );
}

function InviteForm({ deckId }: { deckId: string }) {
  const says = messages.sharing;
  const queries = useQueryClient();
  const [email, setEmail] = useState('');
  const [may, setMay] = useState<AuthorRight>('edit');
  const invite = useMutation({
    mutationFn: () => ask<AuthorView[]>('POST', `/decks/${deckId}/authors`, { email, may }),
    onSuccess: (people) => {
      queries.setQueryData(authorsQuery(deckId).queryKey, people);
      setEmail('');
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    invite.mutate();
  };
  return (
    <form noValidate onSubmit={submit}>
      <div className="flex flex-wrap gap-2">
        <input
          type="email"
          aria-label={says.email}
          placeholder={says.email}
          aria-invalid={invite.isError ? true : undefined}
          aria-describedby="invite-trouble"
          value={email}
          onChange={({ target }) => setEmail(target.value)}
          className={`min-h-control min-w-48 flex-1 rounded-md border bg-card px-2.5 placeholder:text-soft ${invite.isError ? 'border-berry' : 'border-edge'}`}
        />
        <Select bare label={says.newRight} value={may} options={rights} onChange={setMay} />
        <Button type="submit" disabled={email.trim() === '' || invite.isPending}>
          {says.invite}
        </Button>
      </div>
      <p id="invite-trouble" role="alert" className="text-sm text-berry">
        {invite.isError ? messageOf(invite.error) : ''}
      </p>
    </form>
  );
}

function Person({ deckId, person }: { deckId: string; person: AuthorView }) {
  const says = messages.sharing;
  const queries = useQueryClient();
  const { queryKey } = authorsQuery(deckId);
  const onError = (error: unknown) => showToast(messageOf(error), { tone: 'trouble' });
  const change = useMutation({
    mutationFn: (terms: AuthorTerms) => ask<AuthorView[]>('PATCH', `/decks/${deckId}/authors/${person.id}`, terms),
    onSuccess: (people) => queries.setQueryData(queryKey, people),
    onError,
  });
  const remove = useMutation({
    mutationFn: () => ask('DELETE', `/decks/${deckId}/authors/${person.id}`),
    onSuccess: () => queries.invalidateQueries({ queryKey }),
    onError,
  });
  const name = person.name || person.email;
  const more =
    person.name === '' ? (
      <span className="text-sm font-semibold text-amber">{says.invited}</span>
    ) : (
      <span className="text-sm text-soft">{person.email}</span>
    );
  if (person.isOwner)
    return (
      <li className="flex min-h-11 flex-wrap items-center gap-x-2 py-1">
        <span className="min-w-40 flex-1 truncate">
          <strong>{name}</strong> {more}
        </span>
        <span className="text-sm font-semibold text-soft">{says.owner}</span>
      </li>
    );
  return (
    <RightRow
      name={name}
      more={more}
      may={person.may}
      until={person.until}
      isPending={remove.isPending}
      onChange={(terms) => change.mutate(terms)}
      onRemove={() => remove.mutate()}
    />
  );
}
