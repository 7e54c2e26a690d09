/** A deck that is shared to be looked at: what can be done with it instead of editing. */
import type { DeckSummary } from '@gobrel/contract';
import { useMutation } from '@tanstack/react-query';
import { Copy, GraduationCap, Play } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { ask, messageOf } from '../../shared/api';
import { messages } from '../../shared/messages';
import { Cover } from '../../shared/slides';
import { Button, buttonClasses, showToast, usePageTitle } from '../../shared/ui';
import { Brand } from '../../app/frame';

export function ViewOnly({ deck }: { deck: DeckSummary }) {
  const says = messages.sharing;
  usePageTitle(deck.title);
  const navigate = useNavigate();
  const copy = useMutation({
    mutationFn: () => ask<DeckSummary>('POST', `/decks/${deck.id}/copy`, {}),
    onSuccess: ({ id }) => navigate(`/decks/${id}`),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <div className="dotted-ground flex min-h-full flex-col">
      <header className="p-3">
        <Link to="/" aria-label={messages.frame.home} className="inline-block p-1.5">
          <Brand />
        </Link>
      </header>
      <main className="mx-auto flex w-full max-w-2xl flex-1 flex-col items-center justify-center gap-4 px-4 pb-20 text-center">
        <span className="block w-full max-w-xl overflow-hidden rounded-md border border-edge">
          <Cover deck={deck.cover} />
        </span>
        <h1 className="text-2xl wrap-anywhere">{deck.title}</h1>
        <p className="max-w-lg">{says.viewOnlyText({ name: deck.sharedBy ?? '' })}</p>
        <p className="flex flex-wrap justify-center gap-2">
          <Link to={`/decks/${deck.id}/show`} className={buttonClasses('main')}>
            <Play size={18} aria-hidden /> {says.present}
          </Link>
          <Link to={`/decks/${deck.id}/trial`} className={buttonClasses()}>
            <GraduationCap size={18} aria-hidden /> {says.asStudent}
          </Link>
          <Button disabled={copy.isPending} onClick={() => copy.mutate()}>
            <Copy size={18} aria-hidden /> {says.makeCopy}
          </Button>
        </p>
      </main>
    </div>
  );
}
