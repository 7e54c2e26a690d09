/** Who has a deck: people by e-mail, anyone with the link, everybody by a published show; what is true right now is said. */
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { audiencesQuery, authorsQuery, messageOf, sessionQuery, sharesQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, ConfirmDialog, Dialog, DialogActions, Failing, Loading } from '../../../shared/ui';
import { LinkSection } from './link-section';
import { OthersPeople } from './others-people';
import { PeopleSection } from './people-section';
import { isWithMany, nowShared } from './right-now';
import type { SharedDeck } from './shared-deck';
import { SchoolSection } from './school-section';
import { ShowSection } from './show-section';
import { useAudiences } from './use-audiences';
import { useSharing } from './use-sharing';

/** How often it is looked who has the deck, in milliseconds. */
const LOOK_EVERY_MS = 5000;

export function ShareDialog({ deck, onClose }: { deck: SharedDeck; onClose: () => void }) {
  // Whoever has the link may come in meanwhile.
  const authors = useQuery({ ...authorsQuery(deck.id), refetchInterval: LOOK_EVERY_MS });
  const session = useQuery(sessionQuery);
  const me = session.data?.teacher?.email;
  const isMine = authors.data?.some((author) => author.isOwner && author.email === me) ?? false;
  return (
    <Dialog title={messages.sharing.title({ title: deck.title })} open onClose={onClose} wide="widest">
      {authors.isPending ? <Loading what={messages.sharing.people} /> : null}
      {authors.isError ? <Failing message={messageOf(authors.error)} onRetry={() => void authors.refetch()} /> : null}
      {authors.data && isMine ? <OwnSharing deck={deck} onClose={onClose} /> : null}
      {authors.data && session.data && !isMine ? (
        <OthersPeople deckId={deck.id} people={authors.data} me={me ?? ''} />
      ) : null}
    </Dialog>
  );
}

/** How one's own deck is shared; each part is saved as it is set. */
function OwnSharing({ deck, onClose }: { deck: SharedDeck; onClose: () => void }) {
  const says = messages.sharing;
  const people = useQuery(authorsQuery(deck.id)).data ?? [];
  const shares = useQuery(sharesQuery(deck.id));
  const audiences = useQuery(audiencesQuery(deck.id));
  const { set, end, endAll, isPending } = useSharing(deck.id);
  const { offer, endOffer } = useAudiences(deck.id);
  const [stopping, setStopping] = useState(false);
  const failed = shares.error ?? audiences.error;
  if (failed)
    return (
      <Failing message={messageOf(failed)} onRetry={() => void Promise.all([shares.refetch(), audiences.refetch()])} />
    );
  if (!shares.data || !audiences.data) return <Loading what={says.action} />;
  const { link, show } = shares.data;
  const isShared = people.length > 1 || link !== null || show !== null || isWithMany(audiences.data);
  return (
    <>
      <div className="-mt-4 divide-y divide-rule">
        <PeopleSection deckId={deck.id} people={people} audiences={audiences.data} />
        <SchoolSection school={audiences.data.school} offer={audiences.data.offer} onSet={offer} onEnd={endOffer} />
        <LinkSection link={link} onSet={(terms) => set('link', terms)} onEnd={() => end('link')} />
        <ShowSection deck={deck} show={show} onSet={(terms) => set('show', terms)} onEnd={() => end('show')} />
      </div>
      <DialogActions>
        <p role="status" className="min-w-56 flex-1 self-center text-sm">
          {nowShared(people, shares.data, audiences.data)}
        </p>
        {isShared ? (
          <Button look="danger" disabled={isPending} onClick={() => setStopping(true)}>
            {says.stopAll}
          </Button>
        ) : null}
        <Button look="main" onClick={onClose}>
          {says.done}
        </Button>
      </DialogActions>
      {stopping ? (
        <ConfirmDialog
          title={says.stopTitle}
          action={says.stopAll}
          onConfirm={() => {
            endAll();
            setStopping(false);
          }}
          onClose={() => setStopping(false)}
        >
          {says.stopText}
        </ConfirmDialog>
      ) : null}
    </>
  );
}
