/** The buttons of sounds beside a slide that are heard in another window. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { heardBeside } from '@gobrel/core/show';
import { Pause, Play } from 'lucide-react';
import { messages } from '../../shared/messages';
import { Button } from '../../shared/ui';
import { type SoundOrder, VOICE } from './sound-lead';

interface LedSoundsProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  /** Which of them play there. */
  readonly playing: Readonly<Record<string, boolean>>;
  readonly onOrder: (order: SoundOrder) => void;
}

export function LedSounds({ deck, slideId, playing, onOrder }: LedSoundsProps) {
  const { voice, along } = heardBeside(deck, slideId);
  const sounds = [
    ...(voice ? [{ sound: VOICE, name: messages.walking.voice }] : []),
    ...along.map(({ id, alt, fileName }) => ({ sound: id, name: alt || fileName })),
  ];
  return sounds.map(({ sound, name }) => {
    const plays = playing[sound] ?? false;
    const Sign = plays ? Pause : Play;
    const { pauseSound, playSound } = messages.walking;
    return (
      <Button
        key={sound}
        look="quiet"
        aria-label={plays ? pauseSound({ name }) : playSound({ name })}
        onClick={() => onOrder({ sound, plays: !plays })}
      >
        <Sign size={18} aria-hidden className="flex-none" /> <span className="max-w-40 truncate">{name}</span>
      </Button>
    );
  });
}
