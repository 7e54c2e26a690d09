/** The row under a slide while the teacher leads: nothing to turn, what is done here, putting pieces back. */
import type { Deck } from '@gobrel/core/deck';
import type { IsFixed } from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { Users } from 'lucide-react';
import type { ReactNode } from 'react';
import { PutBack, type Walk, WalkStatus } from '../../walking';
import { messages } from '../../../shared/messages';

interface LedFooterProps {
  readonly edition: Deck;
  readonly walk: Walk;
  readonly fillIn: FillIn;
  /** What is not theirs to fill in. */
  readonly isFixed?: IsFixed;
  /** All slides, in the middle of a phone's foot. */
  readonly overview: ReactNode;
  readonly children: ReactNode;
}

export function LedFooter({ edition, walk, fillIn, isFixed, overview, children }: LedFooterProps) {
  return (
    <footer className="flex flex-wrap items-center gap-2 border-t border-rule px-3 py-2">
      <span className="flex items-center gap-2 font-semibold text-tide">
        <Users size={18} aria-hidden /> {messages.student.isLed}
      </span>
      {children}
      <WalkStatus edition={edition} walk={walk} work={fillIn.work} isFixed={isFixed} overview={overview} />
      <span className="hidden sm:block">
        <PutBack edition={edition} slideId={walk.at} fillIn={fillIn} />
      </span>
    </footer>
  );
}
