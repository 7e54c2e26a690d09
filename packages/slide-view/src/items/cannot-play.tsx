/** Says why something does not play, where it was to play: the browser waits for a press, or cannot play the file. */
import { useSurroundings } from '../surroundings.js';
import type { Media } from './use-media.js';

interface CannotPlayProps extends Pick<Media, 'trouble'> {
  readonly name: string;
  readonly onPlay: () => void;
}

export function CannotPlay({ trouble, name, onPlay }: CannotPlayProps) {
  const { media } = useSurroundings().words;
  if (trouble === null) return null;
  return trouble === 'wants-press' ? (
    <button type="button" className="gv-wants-press" onClick={onPlay}>
      ▶ {media.play(name)}
    </button>
  ) : (
    <p role="status" className="gv-cannot-play">
      {media.cannotPlay}
    </p>
  );
}
