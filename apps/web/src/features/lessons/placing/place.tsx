/** A teacher at a place of a learning platform where nothing stands yet: what they choose is handed out there. */
import type { PlaceView } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { Navigate, useNavigate, useParams } from 'react-router';
import { ask, messageOf, placeQuery } from '../../../shared/api';
import { DeadEnd, Loading } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { Placing } from './placing';

export function Screen() {
  const { placeId = '' } = useParams();
  const navigate = useNavigate();
  const place = useQuery({ ...placeQuery(placeId), retry: false });
  if (place.isPending) return <Loading what={messages.platforms.decks} />;
  if (place.isError) return <DeadEnd title={messages.platforms.nowhere} text={messageOf(place.error)} />;
  const { lessonId } = place.data;
  if (lessonId !== null) return <Navigate to={`/lessons/${lessonId}`} replace />;
  return (
    <Placing
      place={place.data}
      onChoose={async (choice) => {
        const filled = await ask<PlaceView>('POST', `/places/${encodeURIComponent(placeId)}`, choice);
        await navigate(`/lessons/${filled.lessonId ?? ''}`, { replace: true });
      }}
    />
  );
}
