/** A show in one window or in several that are kept together: the audience's and the presenter's own. */
import type { Point } from '@gobrel/core/geometry';
import type { ShowState } from '@gobrel/core/show';
import type { Work } from '@gobrel/core/work';
import type { LedClip } from '@gobrel/slide-view';
import { useCallback, useEffect, useRef, useState } from 'react';

/** A line of the pen, on one slide: points in slide units from the middle of what is in sight. */
export type Stroke = readonly Point[];

/** What all windows of a show have in common. */
export interface SharedShow {
  readonly state: ShowState;
  /** What was filled in while showing; kept nowhere. */
  readonly work: Work;
  readonly black: boolean;
  /** Whether the whole slide is looked at, whatever the stop says. */
  readonly whole: boolean;
  readonly strokes: readonly Stroke[];
  /** Where the pointer points, as the points of a stroke; `null` while it is put away. */
  readonly pointer: Point | null;
  /** What the presenter last did with a video or a sound of the slide; `null` before anything was done. */
  readonly clip: LedClip | null;
  /** Whether the show goes on by itself. */
  readonly goesOn: boolean;
}

/** What windows tell one another: what has changed, that one has just opened and asks for everything, or that one goes. */
type Message = { readonly type: 'is'; readonly fields: Partial<SharedShow> } | { readonly type: 'asks' | 'goes' };

/** A show as one of its windows has it. */
interface SharedWindows {
  readonly shared: SharedShow;
  readonly set: (fields: Partial<SharedShow>) => void;
  /** Whether another window of it is open. */
  readonly hasOthers: boolean;
}

/**
 * A show that begins with `start`, or joins one that is under way in another window.
 * @param channel names the show for windows that belong together; `null` for a window by itself
 */
export function useSharedShow(start: SharedShow, channel: string | null): SharedWindows {
  const [shared, setShared] = useState(start);
  const [hasOthers, setHasOthers] = useState(false);
  const present = useRef(start);
  const talk = useRef<BroadcastChannel | null>(null);
  const take = useCallback((fields: Partial<SharedShow>) => {
    present.current = { ...present.current, ...fields };
    setShared(present.current);
  }, []);
  useEffect(() => {
    // Other windows are outside React; the channel lives as long as this one shows.
    if (channel === null) return;
    const opened = new BroadcastChannel(`gobrel show ${channel}`);
    talk.current = opened;
    opened.addEventListener('message', ({ data }: MessageEvent<Message>) => {
      setHasOthers(data.type !== 'goes');
      if (data.type === 'is') take(data.fields);
      else if (data.type === 'asks') opened.postMessage({ type: 'is', fields: present.current } satisfies Message);
      // Whoever is still there answers.
      else opened.postMessage({ type: 'asks' } satisfies Message);
    });
    opened.postMessage({ type: 'asks' } satisfies Message);
    const go = () => opened.postMessage({ type: 'goes' } satisfies Message);
    window.addEventListener('pagehide', go);
    return () => {
      window.removeEventListener('pagehide', go);
      go();
      opened.close();
      talk.current = null;
    };
  }, [channel, take]);
  const set = useCallback(
    (fields: Partial<SharedShow>) => {
      take(fields);
      talk.current?.postMessage({ type: 'is', fields } satisfies Message);
    },
    [take],
  );
  return { shared, set, hasOthers };
}
