/** What each key of a show does. */
import type { Show } from './use-show';

/** What keys can begin beside the show itself. */
export interface ShowActs {
  readonly onFull: () => void;
  readonly onFind: () => void;
  readonly onHelp: () => void;
  readonly onLeave: () => void;
  /** Follows one of the slide's links, by its place from 0; only where they are listed. */
  readonly onLink?: (place: number) => void;
}

/** The part of a show that keys act on. */
type Keyed = Pick<Show, 'walk' | 'shared' | 'set' | 'hand' | 'setHand' | 'setGoesOn'>;

/**
 * Does what a key says; whether it said anything.
 * @param presses whether what has the focus is pressed by the space bar itself
 */
export function showKey(
  key: string,
  presses: boolean,
  show: Keyed,
  { onFull, onFind, onHelp, onLeave, onLink }: ShowActs,
): boolean {
  const { walk, shared, set, hand, setHand, setGoesOn } = show;
  if (onLink && /^[1-9]$/.test(key)) {
    onLink(Number(key) - 1);
    return true;
  }
  switch (key) {
    case 'ArrowRight':
    case 'PageDown':
      walk.step({ type: 'next' });
      return true;
    case ' ':
      if (presses) return false;
      walk.step({ type: 'next' });
      return true;
    case 'ArrowLeft':
    case 'PageUp':
    case 'Backspace':
      walk.step({ type: 'back' });
      return true;
    case 'Home':
      walk.step({ type: 'restart' });
      return true;
    case 'b':
    case '.':
      set({ black: !shared.black });
      return true;
    case 'o':
      set({ whole: !shared.whole });
      return true;
    case 'p':
      setHand(hand === 'pen' ? 'press' : 'pen');
      return true;
    case 'x':
      setHand(hand === 'pointer' ? 'press' : 'pointer');
      return true;
    case 'c':
      set({ strokes: [] });
      return true;
    case 'a':
      setGoesOn(!shared.goesOn);
      return true;
    case 'f':
      onFull();
      return true;
    case 'g':
      onFind();
      return true;
    case '?':
      onHelp();
      return true;
    case 'Escape':
      if (document.fullscreenElement) return false;
      if (hand === 'press') onLeave();
      else setHand('press');
      return true;
    default:
      return false;
  }
}
