/** Draws a sound: a button, how far it is, and what is said at the moment. On pictures of slides it stands still. */
import { momentInWords, saidAt, type SoundItem } from '@gobrel/core/deck';
import { isAlong } from '@gobrel/core/show';
import { useRef } from 'react';
import { usePlaying } from '../playing.js';
import { useSurroundings } from '../surroundings.js';
import { CannotPlay } from './cannot-play.js';
import type { ItemProps } from './item-props.js';
import { Transcript } from './transcript.js';
import { useMedia } from './use-media.js';

export function SoundView({ item, editing }: ItemProps<SoundItem>) {
  const { fileUrl, words } = useSurroundings();
  const { byPress, upTo } = usePlaying();
  const element = useRef<HTMLAudioElement>(null);
  const { isPlaying, passed, whole, trouble, playOrPause, seek } = useMedia(element, item);
  const name = item.alt || item.fileName;
  // What goes along several slides is heard beside them, and has its button there.
  if (isAlong(item) && !editing) return null;
  const plays = (byPress || upTo !== null) && item.file !== '';
  const said = isPlaying ? saidAt(item.captions, item.starts + passed) : [];
  const sign = <span aria-hidden className={isPlaying ? 'gv-pause-sign' : 'gv-play-sign'} />;
  return (
    <div className={item.controls ? 'gv-media gv-sound-bar' : 'gv-media gv-sound-dot'}>
      {plays ? (
        <>
          {/* What is said in it is below, as text. */}
          <audio ref={element} key={item.file} src={fileUrl(item.file)} preload="metadata" />
          <button
            type="button"
            className="gv-play"
            aria-label={isPlaying ? words.media.pause(name) : words.media.play(name)}
            onClick={playOrPause}
          >
            {sign}
          </button>
        </>
      ) : (
        <span className="gv-play">{sign}</span>
      )}
      {item.controls ? (
        <span className="gv-sound-rest">
          <span className="gv-sound-name">{name}</span>
          {plays ? (
            <input
              type="range"
              min={0}
              max={Math.max(whole, 0.1)}
              step={0.1}
              value={Math.min(passed, whole)}
              aria-label={words.media.placeIn(name)}
              aria-valuetext={momentInWords(passed, false)}
              onChange={({ target }) => seek(target.valueAsNumber)}
            />
          ) : (
            <span className="gv-sound-line" />
          )}
        </span>
      ) : null}
      {item.controls ? (
        <span className="gv-sound-time">{momentInWords(isPlaying || passed > 0 ? passed : whole, false)}</span>
      ) : null}
      <CannotPlay trouble={trouble} name={name} onPlay={playOrPause} />
      {plays ? <Transcript captions={item.captions} name={name} /> : null}
      {said.length > 0 ? <p className="gv-said">{said.map(({ text }) => text).join('\n')}</p> : null}
    </div>
  );
}
