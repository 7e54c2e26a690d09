/** Plays the part of a file that is to be played, when it is to be played; what one window leads, another one follows. */
import { type ItemId, type MediaFields, playedSeconds } from '@gobrel/core/deck';
import { type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import { useClipLead, usePlaying } from '../playing.js';
import { onceMore } from './once-more.js';

/** A file that is played. */
export interface Media {
  readonly isPlaying: boolean;
  /** Seconds of the played part that have passed, and of all of it; 0 where that is not known yet. */
  readonly passed: number;
  readonly whole: number;
  /** Whether the browser refused to play it unasked, or cannot play it at all. */
  readonly trouble: 'wants-press' | 'cannot' | null;
  readonly playOrPause: () => void;
  /** Goes to a moment, in seconds of the played part. */
  readonly seek: (seconds: number) => void;
}

export function useMedia(
  element: RefObject<HTMLMediaElement | null>,
  item: MediaFields & { readonly id: ItemId },
): Media {
  const { upTo } = usePlaying();
  const [state, setState] = useState({ isPlaying: false, at: item.starts, found: 0 });
  const [trouble, setTrouble] = useState<Media['trouble']>(null);
  const ends = item.ends ?? (item.seconds > 0 ? item.seconds : Infinity);
  const last = useRef({ ends, starts: item.starts, overAndOver: item.overAndOver });
  last.current = { ends, starts: item.starts, overAndOver: item.overAndOver };

  const play = useCallback(() => {
    const media = element.current;
    if (!media) return;
    // What could not be fetched before may be there now.
    if (media.error) media.load();
    const { starts, ends } = last.current;
    if (media.currentTime < starts || media.currentTime >= ends - 0.05) media.currentTime = starts;
    media.play().then(
      () => setTrouble(null),
      (error: unknown) => {
        // Something else may have stopped it, or taken it away, before it began.
        if (error instanceof DOMException && error.name === 'AbortError') return;
        setTrouble(error instanceof DOMException && error.name === 'NotAllowedError' ? 'wants-press' : 'cannot');
      },
    );
  }, [element]);

  useEffect(() => {
    const media = element.current;
    if (!media) return;
    const note = () => {
      const { ends, starts, overAndOver } = last.current;
      if (!media.paused && media.currentTime >= ends) {
        media.currentTime = starts;
        if (!overAndOver) media.pause();
      }
      const found = Number.isFinite(media.duration) ? media.duration : 0;
      setState({ isPlaying: !media.paused, at: media.currentTime, found });
    };
    const end = () => {
      media.currentTime = last.current.starts;
      if (last.current.overAndOver) void media.play().catch(() => undefined);
      note();
    };
    const know = () => {
      if (last.current.starts > 0) media.currentTime = last.current.starts;
      note();
    };
    const plays = () => setTrouble(null);
    const heard = ['timeupdate', 'play', 'pause', 'seeked', 'durationchange'] as const;
    for (const event of heard) media.addEventListener(event, note);
    media.addEventListener('ended', end);
    media.addEventListener('loadedmetadata', know);
    media.addEventListener('playing', plays);
    // The first of it may have arrived before anybody listened.
    if (media.readyState >= HTMLMediaElement.HAVE_METADATA) know();
    const isOver = onceMore(media, () => setTrouble('cannot'));
    return () => {
      for (const event of heard) media.removeEventListener(event, note);
      media.removeEventListener('ended', end);
      media.removeEventListener('loadedmetadata', know);
      media.removeEventListener('playing', plays);
      isOver();
    };
  }, [element, item.file]);

  useEffect(() => {
    if (element.current) element.current.volume = item.volume;
  }, [element, item.volume, item.file]);

  const playsNow = upTo !== null && item.plays !== null && upTo >= item.plays;
  useEffect(() => {
    if (playsNow) play();
  }, [playsNow, play]);

  useLead(element, item, play);

  const known = { ...item, seconds: item.seconds > 0 ? item.seconds : state.found };
  return {
    isPlaying: state.isPlaying,
    passed: Math.max(0, state.at - item.starts),
    whole: playedSeconds(known),
    trouble,
    playOrPause: useCallback(() => {
      const media = element.current;
      if (media && !media.paused) media.pause();
      else play();
    }, [element, play]),
    seek: useCallback(
      (seconds) => {
        if (element.current) element.current.currentTime = last.current.starts + seconds;
      },
      [element],
    ),
  };
}

/** How far a clip may be from the one it follows before it is set right, in seconds. */
const MAY_DIFFER = 0.3;

/** Tells what is done with a clip here, and does what is done with it elsewhere. */
function useLead(
  element: RefObject<HTMLMediaElement | null>,
  { id, file, volume }: MediaFields & { readonly id: ItemId },
  play: () => void,
): void {
  const { follows, tell, silent } = useClipLead();
  useEffect(() => {
    const media = element.current;
    if (!media || !tell) return;
    const say = () => tell({ itemId: id, isPlaying: !media.paused, at: media.currentTime });
    const told = ['play', 'pause', 'seeked'] as const;
    for (const event of told) media.addEventListener(event, say);
    return () => {
      for (const event of told) media.removeEventListener(event, say);
    };
  }, [element, id, file, tell]);
  useEffect(() => {
    const media = element.current;
    if (media) media.muted = silent || volume === 0;
  }, [element, file, silent, volume]);
  useEffect(() => {
    const media = element.current;
    if (!media || follows?.itemId !== id) return;
    if (Math.abs(media.currentTime - follows.at) > MAY_DIFFER) media.currentTime = follows.at;
    if (follows.isPlaying) play();
    else media.pause();
  }, [element, id, file, follows, play]);
}
