/** Who edits the deck: letting colleagues in and out. */
import type { AuthorView } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask, authorsQuery, messageOf, sessionQuery } from '../../../shared/api';
import { Button, Dialog, Failing, Field, IconButton, Loading } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function AuthorsDialog({ deckId, onClose }: { deckId: string; onClose: () => void }) {
  const authors = useQuery(authorsQuery(deckId));
  const session = useQuery(sessionQuery);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const me = session.data?.teacher?.email;
  const isMine = authors.data?.some((author) => author.isOwner && author.email === me) ?? false;
  const letOut = useMutation({
    mutationFn: (author: AuthorView) => ask('DELETE', `/decks/${deckId}/authors/${author.id}`),
    onSuccess: (_answer, author) =>
      author.email === me ? navigate('/') : queries.invalidateQueries({ queryKey: authorsQuery(deckId).queryKey }),
  });
  return (
    <Dialog title={messages.authors.title} open onClose={onClose}>
      {authors.isPending ? <Loading what={messages.authors.title} /> : null}
      {authors.isError ? <Failing message={messageOf(authors.error)} onRetry={() => void authors.refetch()} /> : null}
      {letOut.isError ? <p role="alert">{messageOf(letOut.error)}</p> : null}
      <ul className="mb-4">
        {authors.data?.map((author) => (
          <li key={author.id} className="flex min-h-12 items-center gap-2 border-b border-rule">
            <span className="min-w-0 flex-1">
              <span className="block font-semibold">{author.name}</span>
              <span className="block truncate text-sm text-soft">{author.email}</span>
            </span>
            {author.isOwner ? <span className="text-sm text-soft">{messages.authors.owner}</span> : null}
            {!author.isOwner && author.email === me ? (
              <Button look="danger" onClick={() => letOut.mutate(author)}>
                {messages.authors.leave}
              </Button>
            ) : null}
            {!author.isOwner && isMine ? (
              <IconButton name={messages.authors.letOut({ name: author.name })} onClick={() => letOut.mutate(author)}>
                <X size={18} aria-hidden />
              </IconButton>
            ) : null}
          </li>
        ))}
      </ul>
      {isMine ? <LetIn deckId={deckId} /> : <p className="text-sm text-soft">{messages.authors.onlyOwner}</p>}
    </Dialog>
  );
}

function LetIn({ deckId }: { deckId: string }) {
  const [email, setEmail] = useState('');
  const queries = useQueryClient();
  const letIn = useMutation({
    mutationFn: () => ask<AuthorView[]>('POST', `/decks/${deckId}/authors`, { email }),
    onSuccess: (authors) => {
      queries.setQueryData(authorsQuery(deckId).queryKey, authors);
      setEmail('');
    },
  });
  return (
    <form
      className="flex items-end gap-2"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        letIn.mutate();
      }}
    >
      <div className="flex-1">
        <Field
          label={messages.authors.email}
          hint={messages.authors.hint}
          fault={letIn.isError ? messageOf(letIn.error) : undefined}
          type="email"
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
      </div>
      <Button type="submit" look="main" className="mb-11" disabled={email.trim() === '' || letIn.isPending}>
        {messages.authors.letIn}
      </Button>
    </form>
  );
}
