/** Somebody's slide to walk and fill in, as large as there is room; a student's, or an author's who tries it. */
import type { Deck } from '@gobrel/core/deck';
import { type FillIn, fittedRoom, ShowStage, useRoom } from '@gobrel/slide-view';
import { useMemo } from 'react';
import { slideName } from '../slides';
import { SoundPlayer } from './sound-player';
import type { Walk } from './use-walk';

/** Room kept free around the slide, in CSS pixels. */
const RIM = 24;

export function FilledInStage({ edition, walk, fillIn }: { edition: Deck; walk: Walk; fillIn: FillIn }) {
  const [around, space] = useRoom<HTMLDivElement>();
  const room = useMemo(() => ({ width: space.width - RIM, height: space.height - RIM }), [space]);
  const { stop } = walk;
  const fitted = useMemo(() => fittedRoom(edition, stop, room), [edition, stop, room]);
  return (
    <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden p-2">
      {room.width > 0 && room.height > 0 ? (
        <div className="relative border border-ink/70">
          <ShowStage
            deck={edition}
            stop={stop}
            room={fitted}
            follow={walk.follow}
            fillIn={fillIn}
            label={slideName(edition, walk.at)}
          />
          <SoundPlayer walk={walk} />
        </div>
      ) : null}
    </main>
  );
}
