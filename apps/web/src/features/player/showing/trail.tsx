/** How we got here: the slides walked so far, each a press away. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import type { ShowState } from '@gobrel/core/show';
import { ChevronRight } from 'lucide-react';
import { messages, slideName } from '../../../shared/messages';
import type { Walk } from '../../walking';

interface TrailProps {
  readonly deck: Deck;
  readonly state: ShowState;
  readonly walk: Walk;
  /** How many of the last slides are shown; all of them when it is not given. */
  readonly most?: number;
}

/** Where each slide was come to on a walk; stops on the same slide that follow one another are one. */
export function walkedSlides(state: ShowState): readonly { readonly slideId: SlideId; readonly place: number }[] {
  return state.walk.flatMap((stop, place) =>
    stop.slideId === state.walk[place - 1]?.slideId ? [] : [{ slideId: stop.slideId, place }],
  );
}

export function Trail({ deck, state, walk, most = Infinity }: TrailProps) {
  const slides = walkedSlides(state);
  const shown = slides.slice(-Math.min(most, slides.length));
  return (
    <nav aria-label={messages.show.trail} className="min-w-0 flex-1 overflow-hidden">
      <ol className="flex min-w-0 items-center">
        {slides.length > shown.length ? <li aria-hidden>…</li> : null}
        {shown.map(({ slideId, place }, index) => (
          <li key={place} className={`flex min-w-0 items-center ${index === shown.length - 1 ? 'flex-none' : ''}`}>
            {index > 0 ? <ChevronRight size={16} aria-hidden className="flex-none opacity-60" /> : null}
            <button
              type="button"
              aria-current={index === shown.length - 1 ? 'step' : undefined}
              className={`min-h-11 max-w-52 truncate rounded-md px-2 ${index === shown.length - 1 ? 'font-bold' : 'opacity-80 hover:opacity-100'}`}
              onClick={() => walk.step({ type: 'back-to', place })}
            >
              {slideName(deck, slideId)}
            </button>
          </li>
        ))}
      </ol>
    </nav>
  );
}
