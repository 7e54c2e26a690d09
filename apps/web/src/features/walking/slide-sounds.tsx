/** What is heard beside slides: the voice of a slide, and sounds that go along several; with a button to stop each. */
import { type Deck, type SlideId, type SoundItem } from '@gobrel/core/deck';
import { heardBeside, loudnessAt, secondsLeft } from '@gobrel/core/show';
import { onceMore, useSurroundings } from '@gobrel/slide-view';
import { Pause, Play } from 'lucide-react';
import { type RefObject, useEffect, useRef, useState } from 'react';
import { messages } from '../../shared/messages';
import { IconButton } from '../../shared/ui';
import { type SoundLead, VOICE } from './sound-lead';

/** How often the loudness of a sound is set anew, in milliseconds. */
const STEP = 100;

interface SlideSoundsProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  /** Where its buttons are: over a corner of the slide, under it where there is room, or in a row of others. */
  readonly place?: SoundsPlace;
  /** Where another window leads what is heard here. */
  readonly lead?: SoundLead;
}

/** A place for the buttons of what is heard beside a slide. */
type SoundsPlace = 'over' | 'under' | 'in-row';

const places: Record<SoundsPlace, string> = {
  over: 'absolute start-2 bottom-2 z-10 rounded-md bg-card/90 text-ink',
  under: 'absolute start-2 top-full z-10 mt-2 rounded-md bg-card/90 text-ink',
  'in-row': '',
};

export function SlideSounds({ deck, slideId, place = 'over', lead }: SlideSoundsProps) {
  const { voice, along } = heardBeside(deck, slideId);
  const [spoken, setSpoken] = useState(false);
  // A sound whose last slide was left is heard until it has gone.
  const [leaving, setLeaving] = useState<readonly SoundItem[]>([]);
  const [before, setBefore] = useState(along);
  if (along.length !== before.length || along.some(({ id }, at) => id !== before[at]?.id)) {
    const left = before.filter((item) => item.fades > 0 && !along.some(({ id }) => id === item.id));
    setLeaving([...leaving.filter(({ id }) => !along.some((item) => item.id === id)), ...left]);
    setBefore(along);
  }
  if (!voice && along.length === 0 && leaving.length === 0) return null;
  return (
    <div className={`flex gap-1 empty:hidden ${places[place]}`}>
      {voice ? <Voice key={`${slideId} ${voice.file}`} file={voice.file} lead={lead} onSpoken={setSpoken} /> : null}
      {along.map((item) => (
        <Along key={item.id} item={item} lead={lead} isSpoken={spoken && voice !== null} onGone={null} />
      ))}
      {leaving.map((item) => (
        <Along
          key={item.id}
          item={item}
          lead={undefined}
          isSpoken={spoken && voice !== null}
          onGone={() => setLeaving((items) => items.filter(({ id }) => id !== item.id))}
        />
      ))}
    </div>
  );
}

/** Whether something plays, which a press changes, here or in the window that leads. */
function usePlays(
  element: RefObject<HTMLAudioElement | null>,
  sound: string,
  lead: SoundLead | undefined,
): [boolean, () => void] {
  const [plays, setPlays] = useState(false);
  const tell = lead?.tell;
  const follows = lead?.follows;
  useEffect(() => {
    tell?.(sound, plays);
  }, [tell, sound, plays]);
  useEffect(() => () => tell?.(sound, false), [tell, sound]);
  useEffect(() => {
    if (follows?.sound !== sound) return;
    if (follows.plays) void element.current?.play().catch(() => undefined);
    else element.current?.pause();
  }, [follows, sound, element]);
  useEffect(() => {
    const audio = element.current;
    if (!audio) return;
    const note = () => setPlays(!audio.paused);
    for (const event of ['play', 'pause', 'ended'] as const) audio.addEventListener(event, note);
    // A browser may wait for a press: then the button says that it stands still.
    void audio.play().catch(() => undefined);
    const isOver = onceMore(audio, note);
    return () => {
      isOver();
      audio.pause();
      for (const event of ['play', 'pause', 'ended'] as const) audio.removeEventListener(event, note);
    };
  }, [element]);
  const turn = () => {
    const audio = element.current;
    if (audio?.paused) void audio.play().catch(() => undefined);
    else audio?.pause();
  };
  return [plays, turn];
}

interface VoiceProps {
  readonly file: string;
  readonly lead: SoundLead | undefined;
  readonly onSpoken: (spoken: boolean) => void;
}

function Voice({ file, lead, onSpoken }: VoiceProps) {
  const { fileUrl } = useSurroundings();
  const element = useRef<HTMLAudioElement>(null);
  const [plays, turn] = usePlays(element, VOICE, lead);
  useEffect(() => {
    onSpoken(plays);
    return () => onSpoken(false);
  }, [plays, onSpoken]);
  return (
    <>
      {/* What is told is for those who listen; the slide has its words. */}
      <audio ref={element} src={fileUrl(file)} />
      <SoundButton plays={plays} name={messages.walking.voice} onTurn={turn} />
    </>
  );
}

interface AlongProps {
  readonly item: SoundItem;
  readonly lead: SoundLead | undefined;
  readonly isSpoken: boolean;
  /** Its last slide was left: told when it has gone; `null` while it is heard along. */
  readonly onGone: (() => void) | null;
}

function Along({ item, lead, isSpoken, onGone }: AlongProps) {
  const { fileUrl } = useSurroundings();
  const element = useRef<HTMLAudioElement>(null);
  const [plays, turn] = usePlays(element, item.id, lead);
  const isLeaving = onGone !== null;
  const gone = useRef(onGone);
  useEffect(() => {
    gone.current = onGone;
  });
  useEffect(() => {
    const audio = element.current;
    if (!audio) return;
    let passed = 0;
    let left = isLeaving ? 0 : null;
    const set = () => {
      if (!audio.paused) passed += STEP / 1000;
      if (left !== null) left += STEP / 1000;
      const rest = secondsLeft(item, audio.currentTime);
      audio.volume = loudnessAt(item, { since: isLeaving ? Infinity : passed, left: rest, leaving: left, isSpoken });
      if (rest === 0) audio.pause();
      if (left !== null && left >= item.fades) gone.current?.();
    };
    set();
    const clock = setInterval(set, STEP);
    return () => clearInterval(clock);
  }, [item, isSpoken, isLeaving]);
  return (
    <>
      <audio
        ref={element}
        src={fileUrl(item.file)}
        onLoadedMetadata={({ currentTarget }) => (currentTarget.currentTime = item.starts)}
        onTimeUpdate={({ currentTarget }) => {
          if (item.overAndOver && item.ends !== null && currentTarget.currentTime >= item.ends)
            currentTarget.currentTime = item.starts;
        }}
        onEnded={({ currentTarget }) => {
          if (!item.overAndOver) return;
          currentTarget.currentTime = item.starts;
          void currentTarget.play().catch(() => undefined);
        }}
      />
      {isLeaving ? null : <SoundButton plays={plays} name={item.alt || item.fileName} onTurn={turn} />}
    </>
  );
}

function SoundButton({ plays, name, onTurn }: { plays: boolean; name: string; onTurn: () => void }) {
  const Sign = plays ? Pause : Play;
  return (
    <IconButton
      name={plays ? messages.walking.pauseSound({ name }) : messages.walking.playSound({ name })}
      onClick={onTurn}
    >
      <Sign size={18} aria-hidden />
    </IconButton>
  );
}
