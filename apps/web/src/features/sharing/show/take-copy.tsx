/** Making a copy of a shared deck, or editing it, where its author lets whoever has the link; both need an account. */
import type { DeckOfOwn, ShareRight } from '@gobrel/contract';
import { useMutation } from '@tanstack/react-query';
import { Copy, PenLine } from 'lucide-react';
import { useNavigate } from 'react-router';
import { ask, messageOf, Refusal } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, showToast } from '../../../shared/ui';

interface TakeCopyProps {
  readonly address: string;
  readonly pass: string;
  readonly may: ShareRight;
}

export function TakeCopy({ address, pass, may }: TakeCopyProps) {
  const navigate = useNavigate();
  const take = useMutation({
    mutationFn: (what: 'copy' | 'join') => ask<DeckOfOwn>('POST', `/shows/${address}/${what}?pass=${pass}`),
    onSuccess: ({ deckId }, what) => {
      if (what === 'copy') showToast(messages.shown.copied);
      return navigate(`/decks/${deckId}`);
    },
    onError: (error) => {
      // Whoever signs in comes back here.
      if (error instanceof Refusal && [401, 403].includes(error.problem.status))
        void navigate(`/sign-in?then=${encodeURIComponent(`/show/${address}`)}`);
      else showToast(messageOf(error), { tone: 'trouble' });
    },
  });
  if (may === 'view') return null;
  return (
    <>
      <Button disabled={take.isPending} onClick={() => take.mutate('copy')}>
        <Copy size={18} aria-hidden /> <span className="max-sm:sr-only">{messages.shown.makeCopy}</span>
      </Button>
      {may === 'edit' ? (
        <Button look="main" disabled={take.isPending} onClick={() => take.mutate('join')}>
          <PenLine size={18} aria-hidden /> <span className="max-sm:sr-only">{messages.shown.edit}</span>
        </Button>
      ) : null}
    </>
  );
}
