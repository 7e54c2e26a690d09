/** Somebody's slide to walk and fill in, as large as there is room; a student's, or an author's who tries it. */
import { type Deck, sizeOf } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { type FillIn, fittedRoom, ShowStage, useRoom } from '@gobrel/slide-view';
import { ZoomIn, ZoomOut } from 'lucide-react';
import { type PointerEvent, type ReactNode, useMemo, useState } from 'react';
import { Button } from '../../shared/ui';
import { messages, slideName } from '../../shared/messages';
import { SoundPlayer } from './sound-player';
import type { Walk } from './use-walk';

/** A screen narrower than this shows a slide so small that it can be enlarged, in CSS pixels. */
const NARROW = 600;
const LARGER = 2.4;
/** Room kept free around the slide, in CSS pixels. */
const RIM = 24;

interface FilledInStageProps {
  readonly edition: Deck;
  readonly walk: Walk;
  readonly fillIn: FillIn;
  /** What lies over the slide. */
  readonly over?: ReactNode;
  /** Told where the pointer is, in slide units, and `null` when it leaves. */
  readonly onPoint?: ((point: Point | null) => void) | undefined;
}

export function FilledInStage({ edition, walk, fillIn, over, onPoint }: FilledInStageProps) {
  const [around, space] = useRoom<HTMLDivElement>();
  const [isLarge, setIsLarge] = useState(false);
  const isNarrow = space.width > 0 && space.width < NARROW;
  const times = isNarrow && isLarge ? LARGER : 1;
  const room = useMemo(
    () => ({ width: (space.width - RIM) * times, height: (space.height - RIM) * times }),
    [space, times],
  );
  const { stop } = walk;
  const fitted = useMemo(() => fittedRoom(edition, stop, room), [edition, stop, room]);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      {isNarrow ? (
        <Button className="mr-2 mt-1 self-end" aria-pressed={isLarge} onClick={() => setIsLarge(!isLarge)}>
          {isLarge ? <ZoomOut size={18} aria-hidden /> : <ZoomIn size={18} aria-hidden />}
          {isLarge ? messages.student.wholeSlide : messages.student.larger}
        </Button>
      ) : null}
      <main
        ref={around}
        className={`flex min-h-0 flex-1 p-2 ${times > 1 ? 'overflow-auto' : 'items-center justify-center overflow-hidden'}`}
      >
        {room.width > 0 && room.height > 0 ? (
          <div className="relative m-auto border border-ink/70" {...pointing(edition, onPoint)}>
            <ShowStage
              deck={edition}
              stop={stop}
              room={fitted}
              follow={walk.follow}
              fillIn={fillIn}
              label={slideName(edition, walk.at)}
            />
            {over}
            <SoundPlayer walk={walk} />
          </div>
        ) : null}
      </main>
    </div>
  );
}

/** Listens to where the pointer is over a slide that is seen as a whole. */
function pointing(edition: Deck, onPoint: FilledInStageProps['onPoint']) {
  if (!onPoint) return {};
  const size = sizeOf(edition);
  return {
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const box = event.currentTarget.getBoundingClientRect();
      onPoint({
        x: Math.round(((event.clientX - box.left) / box.width) * size.width),
        y: Math.round(((event.clientY - box.top) / box.height) * size.height),
      });
    },
    onPointerLeave: () => onPoint(null),
  };
}
