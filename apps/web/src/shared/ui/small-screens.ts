/** Screens with little room: upright tablets, and any screen while its page is drawn at twice its size. */
import { useSyncExternalStore } from 'react';

const NARROW = '(max-width: 899px)';
const LOW = '(max-height: 520px)';

/** Whether what stands beside the work has no room of its own at the moment. */
export function isNarrowScreen(): boolean {
  return typeof matchMedia === 'function' && matchMedia(NARROW).matches;
}

/** Whether there is so little height that only the work itself should take much of it. */
export function useLowScreen(): boolean {
  return useSyncExternalStore(watchHeight, () => matchMedia(LOW).matches);
}

function watchHeight(onChange: () => void): () => void {
  const media = matchMedia(LOW);
  media.addEventListener('change', onChange);
  return () => media.removeEventListener('change', onChange);
}
