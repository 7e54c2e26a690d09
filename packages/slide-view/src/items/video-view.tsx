/** Draws a video: its poster until it plays. It plays where a slide is shown or filled in; elsewhere it stands still. */
import type { VideoItem } from '@gobrel/core/deck';
import type { MouseEvent } from 'react';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

const FILLING = { width: '100%', height: '100%', objectFit: 'contain' } as const;

export function VideoView({ item, follow, fillIn, editing }: ItemProps<VideoItem>) {
  const { fileUrl, pictureUrl } = useSurroundings();
  const poster = item.poster === '' ? undefined : pictureUrl(item.poster);
  const plays = !editing && (follow !== undefined || fillIn !== undefined);
  if (item.file === '') return <div className="gv-no-picture" />;
  const video = (
    <video
      src={fileUrl(item.file)}
      poster={poster}
      preload={poster ? 'none' : 'metadata'}
      playsInline
      controls={item.controls && plays}
      aria-label={item.alt || item.fileName}
      style={FILLING}
    />
  );
  if (item.controls || !plays) return video;
  return (
    <button type="button" aria-label={item.alt || item.fileName} style={FILLING} onClick={playOrPause}>
      {video}
    </button>
  );
}

function playOrPause({ currentTarget }: MouseEvent<HTMLElement>): void {
  const video = currentTarget.querySelector('video');
  if (video?.paused) void video.play().catch(() => undefined);
  else video?.pause();
}
