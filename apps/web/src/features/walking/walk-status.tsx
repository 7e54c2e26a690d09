/** Where somebody is, how much is done there, or why the last step led nowhere. */
import type { Deck } from '@gobrel/core/deck';
import { type IsFixed, progressOn, type Work } from '@gobrel/core/work';
import type { ReactNode } from 'react';
import { messages, slideName } from '../../shared/messages';
import type { Walk } from './use-walk';

interface WalkStatusProps {
  readonly edition: Deck;
  readonly walk: Walk;
  readonly work: Work;
  /** What is not theirs to fill in. */
  readonly isFixed?: IsFixed | undefined;
  /** Says on a phone where they are, in the place of words; a notice is still said. */
  readonly overview?: ReactNode;
}

export function WalkStatus({ edition, walk, work, isFixed, overview = null }: WalkStatusProps) {
  const here = progressOn(edition, work, walk.at, isFixed);
  const onPhone = overview && !walk.notice ? 'hidden sm:block' : '';
  return (
    <>
      <p
        role="status"
        className={`order-first basis-full text-center sm:order-none sm:min-w-40 sm:flex-1 sm:basis-auto ${onPhone}`}
      >
        {walk.notice ? (
          <strong className="text-clay">{walk.notice}</strong>
        ) : (
          <>
            <strong>{slideName(edition, walk.at)}</strong>
            {here.asked > 0 ? (
              <span className="text-soft">
                {' '}
                · {messages.student.progress({ filled: here.filled, asked: here.asked })}
              </span>
            ) : null}
          </>
        )}
      </p>
      {overview ? <span className="min-w-0 flex-1 sm:hidden">{overview}</span> : null}
    </>
  );
}
