/** What *next* leads to: a further step on this slide, another slide, or nothing. */
import { nextInOrder } from '@gobrel/core/routes';
import { stopsOf } from '@gobrel/core/show';
import { Split } from 'lucide-react';
import type { ReactNode } from 'react';
import { Thumbnail } from '../../../shared/slides';
import { messages, slideName } from '../../../shared/messages';
import type { Show } from '../showing';

interface UpNextProps {
  readonly show: Show;
  /** How many links can be followed by a digit. */
  readonly digits: number;
}

/** Width of the picture of the next slide, in CSS pixels. */
const PICTURE = 128;

export function UpNext({ show: { deck, walk }, digits }: UpNextProps) {
  const stops = stopsOf(deck, walk.at);
  const here = walk.stop;
  const place = stops.findIndex((stop) => stop.viewpointId === here.viewpointId && stop.appeared === here.appeared);
  const onward = stops[place + 1];
  if (onward)
    return (
      <Frame picture={<Thumbnail deck={deck} slideId={walk.at} width={PICTURE} />}>
        <strong className="block text-lg">
          {onward.viewpointId !== null && onward.viewpointId !== here.viewpointId
            ? deck.items[onward.viewpointId]?.name || messages.links.unnamedViewpoint
            : onward.appeared > here.appeared
              ? messages.show.moreAppears
              : messages.show.whole}
        </strong>
      </Frame>
    );
  if (deck.slides[walk.at]?.exits === 'links-only')
    return (
      <Frame picture={<Waiting />}>
        <strong className="block text-lg">{messages.show.thenLinks}</strong>
        {digits > 0 ? <span className="text-soft">{messages.show.byDigit({ most: digits })}</span> : null}
      </Frame>
    );
  const next = nextInOrder(deck, walk.at);
  if (!next)
    return (
      <Frame picture={null}>
        <strong className="block text-lg">{messages.show.thenNothing}</strong>
      </Frame>
    );
  return (
    <Frame picture={<Thumbnail deck={deck} slideId={next.id} width={PICTURE} />}>
      <strong className="block text-lg">{slideName(deck, next.id)}</strong>
    </Frame>
  );
}

function Frame({ picture, children }: { picture: ReactNode; children: ReactNode }) {
  return (
    <section
      aria-label={messages.show.then}
      className="flex flex-none items-center gap-3 border-t border-rule px-4 py-3"
    >
      {picture}
      <div className="min-w-0">
        <h2 className="font-sans text-sm font-semibold text-soft">{messages.show.then}</h2>
        {children}
      </div>
    </section>
  );
}

/** Stands where the next slide would be while a choice is to be made. */
function Waiting() {
  return (
    <span
      aria-hidden
      className="flex h-[72px] w-32 flex-none items-center justify-center rounded border border-dashed border-edge text-soft"
    >
      <Split size={24} />
    </span>
  );
}
