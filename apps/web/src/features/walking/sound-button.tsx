/** Stops a sound beside a slide, and lets it go on. */
import { Pause, Play } from 'lucide-react';
import { messages } from '../../shared/messages';
import { IconButton } from '../../shared/ui';

interface SoundButtonProps {
  readonly plays: boolean;
  readonly name: string;
  readonly onTurn: () => void;
}

export function SoundButton({ plays, name, onTurn }: SoundButtonProps) {
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
