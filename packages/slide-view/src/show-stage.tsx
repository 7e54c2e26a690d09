/** The stage of a show: a stop of a deck in some room, with the camera's travels and the ways slides follow one another. */
import { type Deck, sizeOf, type TransitionName, viewpointsOn } from '@gobrel/core/deck';
import { type Camera, cameraOn } from '@gobrel/core/geometry';
import { isSameStop, type Stop } from '@gobrel/core/show';
import { useMemo, useState } from 'react';
import { SlideView, type SlideViewProps } from './slide-view.js';
import { fittedWidth } from './use-fitted-width.js';
import { useCamera, wantsNoMotion } from './use-camera.js';
import type { Room } from './use-room.js';

interface ShowStageProps extends Pick<SlideViewProps, 'deck' | 'follow' | 'fillIn' | 'work' | 'label'> {
  readonly stop: Stop;
  /** In CSS pixels. */
  readonly room: Room;
  /** Looks at the whole of the slide, whatever the stop says. */
  readonly whole?: boolean;
}

/** One stop at a time; the slide that is left stays in sight until the next one is there. */
export function ShowStage({ stop, room, whole = false, deck, ...hands }: ShowStageProps) {
  const [shown, setShown] = useState(stop);
  const [going, setGoing] = useState<Stop | null>(null);
  if (!isSameStop(shown, stop)) {
    setShown(stop);
    if (shown.slideId !== stop.slideId)
      setGoing(transitionOf(deck, stop) === 'cut' || wantsNoMotion() || !deck.slides[shown.slideId] ? null : shown);
  }
  const transition = transitionOf(deck, stop);
  return (
    <div className="gv-stage" style={room}>
      {going ? (
        <div key={`${going.slideId} going`} aria-hidden inert className={`gv-turn gv-going gv-going-${transition}`}>
          <Travelling
            deck={deck}
            stop={going}
            room={room}
            whole={false}
            label=""
            work={hands.fillIn?.work ?? hands.work}
          />
        </div>
      ) : null}
      <div
        key={stop.slideId}
        className={`gv-turn ${going ? `gv-coming gv-coming-${transition}` : ''}`}
        onAnimationEnd={(event) => {
          if (event.target === event.currentTarget) setGoing(null);
        }}
      >
        <Travelling deck={deck} stop={stop} room={room} whole={whole} {...hands} />
      </div>
    </div>
  );
}

function transitionOf(deck: Deck, { slideId }: Stop): TransitionName {
  return deck.slides[slideId]?.transition ?? deck.playing.transition;
}

/** Where the camera is wanted at a stop. */
export function cameraAt(deck: Deck, { viewpointId }: Pick<Stop, 'viewpointId'>, { width, height }: Room): Camera {
  const viewpoint = viewpointId === null ? undefined : deck.items[viewpointId];
  const frame = viewpoint?.frame ?? { x: 0, y: 0, ...sizeOf(deck), rotation: 0 };
  return cameraOn(frame, width / height);
}

/**
 * The part of some room that a stop fills: in the proportions of the slide, so that a frame around it fits closely;
 * all of the room where the camera goes to a part of the slide.
 */
export function fittedRoom(deck: Deck, { slideId }: Pick<Stop, 'slideId'>, room: Room): Room {
  if (viewpointsOn(deck, slideId).length > 0) return room;
  const size = sizeOf(deck);
  const width = fittedWidth(size, room);
  return { width, height: Math.round((width * size.height) / size.width) };
}

function Travelling({ deck, stop, room, whole, ...hands }: ShowStageProps & { readonly whole: boolean }) {
  const size = sizeOf(deck);
  const width = fittedWidth(size, room);
  const aim = useMemo(() => cameraAt(deck, whole ? { viewpointId: null } : stop, room), [deck, stop, whole, room]);
  const moved = useCamera<HTMLDivElement>(aim, width / size.width, room);
  return (
    <div ref={moved} className="gv-travelling">
      <SlideView deck={deck} slideId={stop.slideId} width={width} appeared={stop.appeared} {...hands} />
    </div>
  );
}
