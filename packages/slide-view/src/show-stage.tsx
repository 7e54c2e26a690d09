/** The stage of a show: a stop of a deck in some room, with the camera's travels and the ways slides follow one another. */
import { type Deck, type SlideId, sizeOf, type TransitionName, viewpointsOn } from '@gobrel/core/deck';
import { type Camera, cameraOn } from '@gobrel/core/geometry';
import type { Stop } from '@gobrel/core/show';
import { type RefObject, useEffect, useMemo, useRef, useState } from 'react';
import { firstTurn, turnTo } from './turns.js';
import { SlideView, type SlideViewProps } from './slide-view.js';
import { fittedWidth } from './use-fitted-width.js';
import { useCamera, wantsNoMotion } from './use-camera.js';
import type { Room } from './use-room.js';

interface ShowStageProps extends Pick<SlideViewProps, 'deck' | 'follow' | 'fillIn' | 'work' | 'plays' | 'label'> {
  readonly stop: Stop;
  /** In CSS pixels. */
  readonly room: Room;
  /** Looks at the whole of the slide, whatever the stop says. */
  readonly whole?: boolean;
}

/** One stop at a time; the slide that is left stays in sight, as it is, until the next one is there. */
export function ShowStage({ stop, room, whole = false, deck, label, ...hands }: ShowStageProps) {
  const [turns, setTurns] = useState(() => firstTurn(stop, whole));
  const transition = transitionOf(deck, stop);
  const leaves = transition !== 'cut' && !wantsNoMotion() && deck.slides[turns.shown.stop.slideId] !== undefined;
  const next = turnTo(turns, stop, whole, leaves);
  if (next.shown !== turns.shown) setTurns(next);
  const { shown, going } = next;
  const stage = useFocusOnNewSlide(shown.stop.slideId);
  return (
    <div ref={stage} className="gv-stage" style={room}>
      {(going ? [going, shown] : [shown]).map((turn) => {
        const isGoing = turn !== shown;
        const moves = going ? (isGoing ? `gv-going gv-going-${transition}` : `gv-coming gv-coming-${transition}`) : '';
        return (
          <div
            key={turn.key}
            aria-hidden={isGoing || undefined}
            inert={isGoing}
            className={`gv-turn ${moves}`}
            onAnimationEnd={(event) => {
              if (event.target === event.currentTarget && !isGoing) setTurns({ shown, going: null });
            }}
          >
            <Travelling
              deck={deck}
              stop={turn.stop}
              whole={turn.whole}
              room={room}
              label={isGoing ? '' : label}
              {...hands}
              plays={isGoing ? false : hands.plays}
            />
          </div>
        );
      })}
    </div>
  );
}

/**
 * Whoever had the focus on a slide, as on the link that they followed, has it on the next one, whose name is spoken. The
 * focus of a button beside the slide stays where it is.
 */
function useFocusOnNewSlide(slideId: SlideId): RefObject<HTMLDivElement | null> {
  const stage = useRef<HTMLDivElement>(null);
  const wasWithin = useRef(false);
  useEffect(() => {
    const around = stage.current;
    if (!around) return;
    // An element that is taken away with the focus on it tells of no blur.
    const isWithin = () => (wasWithin.current = true);
    const isOut = ({ relatedTarget }: FocusEvent) => {
      wasWithin.current = relatedTarget instanceof Node && around.contains(relatedTarget);
    };
    around.addEventListener('focusin', isWithin);
    around.addEventListener('focusout', isOut);
    return () => {
      around.removeEventListener('focusin', isWithin);
      around.removeEventListener('focusout', isOut);
    };
  }, []);
  const before = useRef(slideId);
  useEffect(() => {
    if (before.current === slideId) return;
    before.current = slideId;
    const { activeElement } = document;
    const isLost = activeElement === null || activeElement === document.body;
    if (!wasWithin.current || !(isLost || stage.current?.contains(activeElement))) return;
    stage.current?.querySelector<HTMLElement>('.gv-turn:not([inert]) .gv-slide')?.focus({ preventScroll: true });
  }, [slideId]);
  return stage;
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
