/** Stands for a slide that is not on this device yet though the walk, or the teacher, is there: it is being got. */
import type { SlideId } from '@gobrel/core/deck';
import { useCallback, useEffect, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Failing, Loading } from '../../../shared/ui';
import type { Ahead } from '../../walking';

/** How often it is tried again by itself, in milliseconds. */
const AGAIN_MS = 5000;

export function StillAway({ slideId, ahead }: { slideId: SlideId; ahead: Ahead }) {
  const [failed, setFailed] = useState(false);
  const bring = useCallback(
    () =>
      ahead.bring(slideId).then((deck) => {
        if (!deck) setFailed(true);
      }),
    [ahead, slideId],
  );
  useEffect(() => {
    void bring();
    const again = setInterval(() => void bring(), AGAIN_MS);
    return () => clearInterval(again);
  }, [bring]);
  return (
    <main className="flex min-h-0 flex-1 items-center justify-center">
      {failed ? (
        <Failing message={messages.walking.notBrought} onRetry={() => void bring()} />
      ) : (
        <Loading what={messages.student.slides} />
      )}
    </main>
  );
}
