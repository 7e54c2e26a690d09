/** The slide of a show in its window: with pen and pointer, black when wanted, turned by swiping. */
import { cameraAt, type ClipLead, ClipLeadProvider, fittedRoom, type Room, ShowStage } from '@gobrel/slide-view';
import { type PointerEvent, useCallback, useMemo, useRef } from 'react';
import { SlideSounds, type SoundLead, SoundPlayer } from '../../walking';
import { messages, slideName } from '../../../shared/messages';
import { InkLayer } from './ink-layer';
import type { Show } from './use-show';
import { isWithin } from '../../../shared/ui';

/** How far a finger has to go sideways to turn the page, in CSS pixels. */
const SWIPE = 70;

/** The height that the buttons of sounds take under a slide, in CSS pixels. */
const BUTTONS = 60;

interface StageWindowProps {
  readonly show: Show;
  readonly space: Room;
  /** Whether this is where the show is seen and heard; a presenter's own screen plays nothing by itself. */
  readonly plays: boolean;
}

export function StageWindow({ show, space, plays }: StageWindowProps) {
  const { deck, walk, shared, fillIn, hand } = show;
  const { stop } = walk;
  const room = useMemo(() => fittedRoom(deck, stop, space), [deck, stop, space]);
  const camera = cameraAt(deck, shared.whole ? { viewpointId: null } : stop, room);
  const swipe = useSwipe(show);
  const lead = useLead(show, plays);
  const soundLead = useSoundLead(show);
  if (room.width <= 0) return null;
  const hasRoomUnder = (space.height - room.height) / 2 > BUTTONS;
  return (
    <div className="relative touch-pan-y touch-pinch-zoom" {...(hand === 'press' ? swipe : {})}>
      <ClipLeadProvider value={lead}>
        <ShowStage
          deck={deck}
          stop={stop}
          room={room}
          whole={shared.whole}
          follow={walk.follow}
          fillIn={fillIn}
          plays={plays}
          label={slideName(deck, walk.at)}
        />
      </ClipLeadProvider>
      <InkLayer show={show} room={room} width={camera.width} />
      <SoundPlayer walk={walk} />
      {plays ? (
        <SlideSounds deck={deck} slideId={stop.slideId} place={hasRoomUnder ? 'under' : 'over'} lead={soundLead} />
      ) : null}
      {shared.black ? (
        <button
          type="button"
          className="absolute inset-0 z-20 bg-black text-[#9a9a92]"
          onClick={() => show.set({ black: false })}
        >
          <span className="spoken">{messages.show.isBlack}</span>
        </button>
      ) : null}
    </div>
  );
}

/** The presenter's own screen leads the clips of the windows where the show is seen and heard. */
function useLead({ shared, set, hasOthers }: Show, plays: boolean): ClipLead {
  const { clip } = shared;
  return useMemo(
    () =>
      plays
        ? { follows: clip, tell: null, silent: false }
        : { follows: null, tell: (told) => set({ clip: told }), silent: hasOthers },
    [plays, clip, hasOthers, set],
  );
}

/** The sounds beside the slide do as the presenter's own screen says, and tell it what they do. */
function useSoundLead({ shared, set }: Show): SoundLead {
  const { soundOrder } = shared;
  const playing = useRef(shared.sounds);
  const tell = useCallback(
    (sound: string, plays: boolean) => {
      playing.current = { ...playing.current, [sound]: plays };
      set({ sounds: playing.current });
    },
    [set],
  );
  return useMemo(() => ({ follows: soundOrder, tell }), [soundOrder, tell]);
}

/** Turns pages by a finger that goes sideways, but for one that drags a piece or writes. */
function useSwipe({ walk, shared, setGoesOn }: Show) {
  const from = useRef<{ readonly x: number; readonly y: number } | null>(null);
  return {
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      if (shared.goesOn) setGoesOn(false);
      const isFree = !isWithin(event.target, '.gv-loose, .gv-piece, input, textarea, audio');
      from.current = event.pointerType === 'touch' && isFree ? { x: event.clientX, y: event.clientY } : null;
    },
    onPointerUp: (event: PointerEvent<HTMLElement>) => {
      const begun = from.current;
      from.current = null;
      if (!begun) return;
      const [dx, dy] = [event.clientX - begun.x, event.clientY - begun.y];
      if (Math.abs(dx) < SWIPE || Math.abs(dx) < 2 * Math.abs(dy)) return;
      walk.step({ type: dx < 0 ? 'next' : 'back' });
    },
  };
}
