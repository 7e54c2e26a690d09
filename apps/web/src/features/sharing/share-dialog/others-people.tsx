/** Who has a deck of somebody else: a co-author sees it, and may leave. */
import type { AuthorView } from '@gobrel/contract';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { ask, messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, showToast } from '../../../shared/ui';

interface OthersPeopleProps {
  readonly deckId: string;
  readonly people: readonly AuthorView[];
  /** The e-mail of whoever looks. */
  readonly me: string;
}

export function OthersPeople({ deckId, people, me }: OthersPeopleProps) {
  const says = messages.sharing;
  const navigate = useNavigate();
  const leave = useMutation({
    mutationFn: ({ id }: AuthorView) => ask('DELETE', `/decks/${deckId}/authors/${id}`),
    onSuccess: () => navigate('/'),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <>
      <ul className="mb-4 divide-y divide-rule">
        {people.map((person) => (
          <li key={person.id} className="flex min-h-12 items-center gap-2">
            <span className="min-w-0 flex-1 truncate">
              <strong>{person.name || person.email}</strong>{' '}
              <span className="text-sm text-soft">{person.name === '' ? says.invited : person.email}</span>
            </span>
            {person.email === me && !person.isOwner ? (
              <Button look="danger" onClick={() => leave.mutate(person)}>
                {says.leave}
              </Button>
            ) : (
              <span className="text-sm text-soft">{person.isOwner ? says.owner : says.rights[person.may]}</span>
            )}
          </li>
        ))}
      </ul>
      <p className="text-sm text-soft">{says.onlyOwner}</p>
    </>
  );
}
