/** The row under a slide that is filled in: back, what is done here, putting pieces back, next. */
import type { Deck } from '@gobrel/core/deck';
import type { IsFixed } from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { ArrowLeft, ArrowRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from '../../shared/ui';
import { messages } from '../../shared/messages';
import { PutBack } from './put-back';
import type { Walk } from './use-walk';
import { WalkStatus } from './walk-status';

interface WalkFooterProps {
  readonly edition: Deck;
  readonly walk: Walk;
  readonly fillIn: FillIn;
  /** What is not theirs to fill in. */
  readonly isFixed?: IsFixed;
  /** What stands in the place of *next* where there is nothing to go on to. */
  readonly instead?: ReactNode;
  /** All slides, in the middle of a phone's foot. */
  readonly overview?: ReactNode;
  /** What else can be done, beside *back*. */
  readonly children: ReactNode;
}

export function WalkFooter({ edition, walk, fillIn, isFixed, instead = null, overview, children }: WalkFooterProps) {
  return (
    <footer className="flex flex-wrap items-center gap-2 border-t border-rule px-3 py-2">
      <Button disabled={!walk.canGoBack} onClick={() => walk.step({ type: 'back' })}>
        <ArrowLeft size={18} aria-hidden /> <span className="max-sm:sr-only">{messages.walking.back}</span>
      </Button>
      {children}
      <WalkStatus edition={edition} walk={walk} work={fillIn.work} isFixed={isFixed} overview={overview} />
      <span className="hidden sm:block">
        <PutBack edition={edition} slideId={walk.at} fillIn={fillIn} />
      </span>
      {instead ? (
        <span className="ms-auto sm:ms-0">{instead}</span>
      ) : (
        <Button
          className="ms-auto sm:ms-0"
          look={edition.slides[walk.at]?.exits === 'links-only' ? 'plain' : 'main'}
          onClick={() => walk.step({ type: 'next' })}
        >
          {messages.walking.next} <ArrowRight size={18} aria-hidden />
        </Button>
      )}
    </footer>
  );
}
