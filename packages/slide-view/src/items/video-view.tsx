/** Draws a video: its poster until it plays. It plays where a slide is shown or filled in; elsewhere it stands still. */
import type { VideoItem } from '@gobrel/core/deck';
import { useEffect, useRef } from 'react';
import { usePlaying } from '../playing.js';
import { useSurroundings } from '../surroundings.js';
import { CannotPlay } from './cannot-play.js';
import type { ItemProps } from './item-props.js';
import { Transcript } from './transcript.js';
import { useMedia } from './use-media.js';

const FILLING = { width: '100%', height: '100%', objectFit: 'contain' } as const;

export function VideoView({ item }: ItemProps<VideoItem>) {
  const { fileUrl, pictureUrl } = useSurroundings();
  const { byPress, upTo } = usePlaying();
  const element = useRef<HTMLVideoElement>(null);
  const { trouble, playOrPause } = useMedia(element, item);
  useCaptions(element, item);
  if (item.file === '') return <div className="gv-no-picture gv-no-media">{item.fileName}</div>;
  const poster = item.poster === '' ? undefined : pictureUrl(item.poster);
  const name = item.alt || item.fileName;
  const plays = byPress || upTo !== null;
  const video = (
    <video
      ref={element}
      key={item.file}
      src={fileUrl(item.file)}
      poster={poster}
      preload={poster ? 'none' : 'metadata'}
      playsInline
      muted={item.volume === 0}
      controls={item.controls && plays}
      aria-label={name}
      style={FILLING}
    />
  );
  if (!plays) return video;
  return (
    <div className="gv-media">
      {item.controls ? (
        video
      ) : (
        <button type="button" aria-label={name} style={FILLING} onClick={playOrPause}>
          {video}
        </button>
      )}
      <CannotPlay trouble={trouble} name={name} onPlay={playOrPause} />
      <Transcript captions={item.captions} name={name} />
    </div>
  );
}

/** What is said is a track of the video, so that its own controls show and hide it; it is shown to begin with. */
function useCaptions(element: { readonly current: HTMLVideoElement | null }, item: VideoItem): void {
  const { captions, file, language } = item;
  useEffect(() => {
    const video = element.current;
    if (!video || captions.length === 0) return;
    const track = video.addTextTrack('captions', '', language ?? '');
    track.mode = 'showing';
    for (const { from, to, text } of captions) track.addCue(new VTTCue(from, to, text));
    return () => {
      // A track cannot be taken away again.
      track.mode = 'disabled';
    };
  }, [element, captions, file, language]);
}
