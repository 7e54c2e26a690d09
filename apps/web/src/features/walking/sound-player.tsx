/** Plays the sound that a link leads to, with its own controls. */
import { useSurroundings } from '@gobrel/slide-view';
import { X } from 'lucide-react';
import { IconButton } from '../../shared/ui';
import { messages } from '../../shared/messages';
import type { Walk } from './use-walk';

export function SoundPlayer({ walk: { sound, endSound } }: { walk: Pick<Walk, 'sound' | 'endSound'> }) {
  const { fileUrl } = useSurroundings();
  if (!sound) return null;
  return (
    <div
      role="group"
      aria-label={messages.walking.plays({ name: sound.name })}
      className="absolute bottom-3 left-1/2 z-10 flex -translate-x-1/2 items-center gap-2 rounded-md border border-edge bg-card px-3 py-1 text-ink"
    >
      <span className="max-w-48 truncate font-semibold">{sound.name}</span>
      <audio
        key={sound.file}
        src={fileUrl(sound.file)}
        controls
        autoPlay
        onEnded={() => endSound(false)}
        onError={() => endSound(true)}
      />
      <IconButton name={messages.walking.stopSound} onClick={() => endSound(false)}>
        <X size={18} aria-hidden />
      </IconButton>
    </div>
  );
}
