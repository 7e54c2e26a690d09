/** A show that is followed: the slide that is shown just now, and those before it to look back at. */
import type { Deck } from '@gobrel/core/deck';
import type { Stop } from '@gobrel/core/show';
import { emptyWork } from '@gobrel/core/work';
import { fittedRoom, ShowStage, useRoom } from '@gobrel/slide-view';
import { ArrowLeft, ArrowRight, Radio } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Brand, SchemeButton } from '../../../app/frame';
import { messages, slideName } from '../../../shared/messages';
import { Button, usePageTitle } from '../../../shared/ui';

interface FollowWindowProps {
  readonly deck: Deck;
  /** Where the show was, the slide that is shown last; at least one. */
  readonly walk: readonly [Stop, ...Stop[]];
  /** Whether nothing is heard of the show just now. */
  readonly isAway: boolean;
}

/** Room kept free around the slide, in CSS pixels. */
const RIM = 16;

export function FollowWindow({ deck, walk, isAway }: FollowWindowProps) {
  usePageTitle(deck.title);
  const says = messages.following;
  // Looking back, by its place in the walk; `null` with the show.
  const [back, setBack] = useState<number | null>(null);
  const last = walk.length - 1;
  const at = back === null ? last : Math.min(back, last);
  const stop = walk[at] ?? walk[0];
  const [around, space] = useRoom<HTMLElement>();
  const room = useMemo(
    () => fittedRoom(deck, stop, { width: space.width - RIM, height: space.height - RIM }),
    [deck, stop, space],
  );
  const go = (place: number) => setBack(place >= last ? null : place);
  return (
    <div className="flex h-full flex-col">
      <header className="flex items-center gap-x-3 border-b border-rule px-3 py-1.5">
        <span className="hidden sm:block">
          <Brand />
        </span>
        <h1 className="min-w-0 flex-1 truncate text-lg">{deck.title}</h1>
        <SchemeButton />
      </header>
      <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden">
        {room.width > 0 && room.height > 0 ? (
          <div className="border border-ink/70">
            <ShowStage deck={deck} stop={stop} room={room} work={emptyWork} label={slideName(deck, stop.slideId)} />
          </div>
        ) : null}
      </main>
      <footer className="flex flex-wrap items-center gap-2 border-t border-rule px-3 py-2">
        <Button disabled={at === 0} onClick={() => go(at - 1)}>
          <ArrowLeft size={18} aria-hidden /> {says.back}
        </Button>
        {back === null ? null : (
          <Button onClick={() => go(at + 1)}>
            {says.forward} <ArrowRight size={18} aria-hidden />
          </Button>
        )}
        <p
          role="status"
          className="order-first flex min-w-40 flex-1 basis-full items-center justify-center gap-2 text-center sm:order-none sm:basis-auto"
        >
          {back === null && !isAway ? <Radio size={18} aria-hidden className="flex-none text-reed" /> : null}
          <span>
            <strong>{isAway ? says.away : back === null ? says.live : says.lookingBack}</strong>
            {isAway ? null : <span className="text-soft"> · {slideName(deck, stop.slideId)}</span>}
          </span>
        </p>
        {back === null ? null : (
          <Button look="main" onClick={() => setBack(null)}>
            {says.toLive}
          </Button>
        )}
      </footer>
    </div>
  );
}
