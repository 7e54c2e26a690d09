/** Everybody's marks on the board, from the work and the keys that are here. */
import type { LessonReviews } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { useEffect, useMemo, useState } from 'react';
import type { Watched } from '../../../shared/watching';
import { markApart } from './mark-apart';
import { type Look, MarkedClass } from './marked-class';

const nothing: Look = { marks: {}, isComplete: false, left: [] };

/**
 * @param reviews what was said to the work; nothing is marked before it is known
 */
export function useMarks(
  edition: Deck,
  everybody: readonly Watched[],
  reviews: LessonReviews | undefined,
): Omit<Look, 'left'> {
  // Held anew whenever it has learnt something, so that it is looked at again.
  const [held, setHeld] = useState(() => ({ marked: new MarkedClass() }));
  const look = useMemo(
    () => (reviews ? held.marked.look(edition, everybody, reviews) : nothing),
    [held, edition, everybody, reviews],
  );
  const { left } = look;
  useEffect(() => {
    // The worker is outside React. What it marks stays right whatever happens meanwhile: it is kept by its work.
    if (left.length === 0) return;
    void markApart(edition, left).then((made) => {
      held.marked.learn(edition, left, made);
      setHeld(({ marked }) => ({ marked }));
    });
  }, [held, edition, left]);
  return look;
}
