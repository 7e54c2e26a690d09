/** A teacher who was sent from a learning platform to choose something, and goes back there with it. */
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { ask, choosingQuery, messageOf } from '../../../shared/api';
import { DeadEnd, Loading } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { Placing } from './placing';

export function Screen() {
  const { token = '' } = useParams();
  const place = useQuery({ ...choosingQuery(token), retry: false });
  if (place.isPending) return <Loading what={messages.platforms.decks} />;
  if (place.isError) return <DeadEnd title={messages.platforms.nowhere} text={messageOf(place.error)} />;
  return (
    <Placing
      place={place.data}
      onChoose={async (choice) => {
        const { back } = await ask<{ back: string }>('POST', `/choosing/${encodeURIComponent(token)}`, choice);
        // The page that leads back to the platform is none of the application.
        window.location.assign(back);
        // Until it is there, nothing else is to be chosen.
        await new Promise(() => undefined);
      }}
    />
  );
}
