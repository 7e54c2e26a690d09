/** How we got here, along the foot: the slides walked so far as pictures, with the words that led from each to the next. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { branchesOf, linksFrom } from '@gobrel/core/routes';
import type { ShowState } from '@gobrel/core/show';
import { MoveRight } from 'lucide-react';
import { Fragment, useEffect, useRef } from 'react';
import { Thumbnail } from '../../../shared/slides';
import { messages, slideName } from '../../../shared/messages';
import type { Walk } from '../../walking';
import { walkedSlides } from '../showing';

interface PathStripProps {
  readonly deck: Deck;
  readonly state: ShowState;
  readonly walk: Walk;
}

/** Width of a picture, in CSS pixels. */
const PICTURE = 92;

export function PathStrip({ deck, state, walk }: PathStripProps) {
  const slides = walkedSlides(state);
  const last = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // Where one is stays in sight. Browsers may give a promise here, which is no way to end an effect.
    last.current?.scrollIntoView({ block: 'nearest', inline: 'end' });
  }, [slides.length]);
  return (
    <nav aria-label={messages.show.trail} className="flex-none border-t border-rule px-3 py-1.5">
      <ol className="flex items-start gap-2 overflow-x-auto">
        {slides.map(({ slideId, place }, index) => {
          const before = slides[index - 1];
          const isHere = index === slides.length - 1;
          return (
            <Fragment key={place}>
              {before ? (
                <li className="flex w-24 flex-none flex-col items-center self-center text-clay">
                  <span className="line-clamp-2 text-center text-xs font-semibold">
                    {wordsBetween(deck, before.slideId, slideId)}
                  </span>
                  <MoveRight size={22} aria-hidden />
                </li>
              ) : null}
              <li ref={isHere ? last : undefined} className="flex-none">
                <button
                  type="button"
                  aria-current={isHere ? 'step' : undefined}
                  className={`rounded p-0.5 text-start ${isHere ? 'ring-2 ring-inset ring-clay' : 'hover:bg-rule/50'}`}
                  onClick={() => walk.step({ type: 'back-to', place })}
                >
                  <Thumbnail deck={deck} slideId={slideId} width={PICTURE} />
                  <span className={`block w-24 truncate px-0.5 text-xs ${isHere ? 'font-bold' : 'text-soft'}`}>
                    {slideName(deck, slideId)}
                  </span>
                </button>
              </li>
            </Fragment>
          );
        })}
      </ol>
    </nav>
  );
}

/** The words of the first link that leads from one slide to another; '' where none does. */
function wordsBetween(deck: Deck, from: SlideId, to: SlideId): string {
  const link = linksFrom(deck, from).find(({ destination }) =>
    branchesOf(deck, from, destination).some(({ slideId }) => slideId === to),
  );
  return link?.carrier ?? '';
}
