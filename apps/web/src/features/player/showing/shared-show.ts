/** A show in one window or in several that are kept together: the audience's and the presenter's own. */
import type { Point } from '@gobrel/core/geometry';
import type { ShowState } from '@gobrel/core/show';
import type { Work } from '@gobrel/core/work';
import type { LedClip } from '@gobrel/slide-view';
import type { SoundOrder } from '../../walking';
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
  /** Which of the sounds beside the slide play, where they are heard, by what they are called there. */
  readonly sounds: Readonly<Record<string, boolean>>;
  /** What the presenter last did with one of them; `null` before anything was done. */
  readonly soundOrder: SoundOrder | null;
  /** Whether the show goes on by itself. */
  readonly goesOn: boolean;
}

/** How often a window calls whether others are there, in milliseconds. */
const CALL = 2000;

/** What windows tell one another: what has changed, that one has just opened and asks for everything, or whether
 * anybody is there, and that somebody is. */
type Message =
  { readonly type: 'is'; readonly fields: Partial<SharedShow> } | { readonly type: 'asks' | 'calls' | 'is-there' };

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
    let heard = false;
    opened.addEventListener('message', ({ data }: MessageEvent<Message>) => {
      heard = true;
      setHasOthers(true);
      if (data.type === 'is') take(data.fields);
      else if (data.type === 'asks') opened.postMessage({ type: 'is', fields: present.current } satisfies Message);
      else if (data.type === 'calls') opened.postMessage({ type: 'is-there' } satisfies Message);
    });
    opened.postMessage({ type: 'asks' } satisfies Message);
    // A window that is closed cannot be relied upon to say so.
    const calls = setInterval(() => {
      if (!heard) setHasOthers(false);
      heard = false;
      opened.postMessage({ type: 'calls' } satisfies Message);
    }, CALL);
    return () => {
      clearInterval(calls);
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
