/** A deck of the school's shelf, looked through before it is opened or copied. */
import type { DeckSummary, OfferedDeck } from '@gobrel/contract';
import { slidesInOrder } from '@gobrel/core/deck';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Copy, ExternalLink, Play } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { ask, messageOf, offeredQuery } from '../../../shared/api';
import { messages, slideName } from '../../../shared/messages';
import { Thumbnail } from '../../../shared/slides';
import { Button, buttonClasses, Dialog, DialogActions, Failing, Loading, showToast } from '../../../shared/ui';

export function OfferedDialog({ offer, onClose }: { offer: OfferedDeck; onClose: () => void }) {
  const says = messages.school;
  const { id, title, slideCount } = offer.deck;
  const navigate = useNavigate();
  const looked = useQuery(offeredQuery(id));
  const copy = useMutation({
    mutationFn: () => ask<DeckSummary>('POST', `/decks/${id}/copy`, {}),
    onSuccess: (made) => navigate(`/decks/${made.id}`),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const facts = [
    offer.isMine ? says.yours : says.by({ name: offer.by }),
    offer.subject,
    says.ages({ from: offer.ageFrom, to: offer.ageTo }),
    messages.library.slides({ count: slideCount }),
    says.offered({ at: offer.offeredAt }),
  ];
  return (
    <Dialog title={title} open onClose={onClose} wide="widest">
      <p className="mb-3 text-soft">{facts.filter((part) => part !== '').join(' · ')}</p>
      {looked.isPending ? <Loading what={messages.library.decks} /> : null}
      {looked.isError ? <Failing message={messageOf(looked.error)} onRetry={() => void looked.refetch()} /> : null}
      {looked.data ? (
        <ul
          aria-label={says.slidesOf({ title })}
          className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3"
        >
          {slidesInOrder(looked.data).map((slide) => (
            <li key={slide.id} className="min-w-0">
              <Thumbnail deck={looked.data} slideId={slide.id} width={176} />
              <span className="block truncate pt-1 text-sm">{slideName(looked.data, slide.id)}</span>
            </li>
          ))}
        </ul>
      ) : null}
      <DialogActions>
        <Link to={`/decks/${id}/show`} className={buttonClasses()}>
          <Play size={18} aria-hidden /> {messages.sharing.present}
        </Link>
        {offer.isMine || offer.deck.may === 'edit' ? (
          <Link to={`/decks/${id}`} className={buttonClasses(offer.isMine ? 'main' : undefined)}>
            <ExternalLink size={18} aria-hidden /> {says.open}
          </Link>
        ) : null}
        {offer.isMine ? null : (
          <Button look="main" disabled={copy.isPending} onClick={() => copy.mutate()}>
            <Copy size={18} aria-hidden /> {messages.sharing.makeCopy}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
