/** A clip as a row of pictures, or as a row of heights, to find one's way in it. */
import { peaksOf } from '@gobrel/core/deck';
import { useEffect, useState } from 'react';
import { happens } from './probe-media';

/** What a clip looks like along its time. */
export type Strip =
  | { readonly kind: 'heights'; readonly heights: readonly number[] }
  | { readonly kind: 'pictures'; readonly pictures: readonly string[] };

const HEIGHTS = 160;
const PICTURES = 8;
const PICTURE_WIDTH = 96;
/** The largest sound that is taken apart to draw it, in bytes. */
const LARGEST = 60_000_000;

/** The strip of a clip; `null` until it is there, and where none can be had. */
export function useStrip(url: string, kind: 'video' | 'sound', seconds: number): Strip | null {
  const [strip, setStrip] = useState<Strip | null>(null);
  useEffect(() => {
    const control = new AbortController();
    const made = kind === 'sound' ? heightsOf(url, control.signal) : picturesOf(url, seconds, control.signal);
    made.then(
      (next) => {
        if (!control.signal.aborted) setStrip(next);
      },
      () => undefined,
    );
    return () => control.abort();
  }, [url, kind, seconds]);
  return strip;
}

async function heightsOf(url: string, signal: AbortSignal): Promise<Strip | null> {
  const response = await fetch(url, { signal });
  if (!response.ok || Number(response.headers.get('content-length') ?? 0) > LARGEST) return null;
  const bytes = await response.arrayBuffer();
  // So few samples a second draw as well as all of them, in a sixth of the memory.
  const context = new OfflineAudioContext(1, 1, 8000);
  const sound = await context.decodeAudioData(bytes);
  return { kind: 'heights', heights: peaksOf(sound.getChannelData(0), HEIGHTS) };
}

async function picturesOf(url: string, seconds: number, signal: AbortSignal): Promise<Strip | null> {
  const video = document.createElement('video');
  video.muted = true;
  video.preload = 'auto';
  video.src = url;
  try {
    if (!(await happens(video, 'loadeddata'))) return null;
    const canvas = document.createElement('canvas');
    canvas.width = PICTURE_WIDTH;
    canvas.height = Math.max(1, Math.round((PICTURE_WIDTH * video.videoHeight) / video.videoWidth));
    const brush = canvas.getContext('2d');
    const pictures: string[] = [];
    for (let at = 0; at < PICTURES && brush; at += 1) {
      video.currentTime = ((at + 0.5) * seconds) / PICTURES;
      await happens(video, 'seeked');
      signal.throwIfAborted();
      brush.drawImage(video, 0, 0, canvas.width, canvas.height);
      pictures.push(canvas.toDataURL('image/jpeg', 0.6));
    }
    return { kind: 'pictures', pictures };
  } finally {
    video.removeAttribute('src');
    video.load();
  }
}
