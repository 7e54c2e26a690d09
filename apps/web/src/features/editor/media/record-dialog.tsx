/** Recording on the spot: from the camera, the microphone or the screen; heard or seen once before it is placed. */
import { momentInWords } from '@gobrel/core/deck';
import { Circle, RotateCcw, Square } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, Dialog } from '../../../shared/ui';
import type { PlaceMedia } from './use-media-files';
import { type Source, type Take, useMediaRecorder } from './use-media-recorder';

/** The longest recording, in seconds. */
const LONGEST = 1800;

interface RecordDialogProps {
  readonly source: Source;
  readonly onPlace: PlaceMedia;
  readonly onClose: () => void;
}

export function RecordDialog({ source, onPlace, onClose }: RecordDialogProps) {
  const says = messages.media;
  const [take, setTake] = useState<Take | null>(null);
  const [failed, setFailed] = useState(false);
  const { stream, seconds, start, stop } = useMediaRecorder({
    source,
    longest: LONGEST,
    onTake: setTake,
    onFailed: () => setFailed(true),
  });
  const live = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    if (live.current) live.current.srcObject = stream;
  }, [stream]);
  const begin = () => {
    setTake(null);
    setFailed(false);
    void start();
  };
  return (
    <Dialog title={says.recordFrom[source]} open onClose={onClose}>
      {source === 'microphone' || take ? null : (
        // What the camera sees has nothing said in it yet.
        <video ref={live} autoPlay playsInline muted className="mb-3 aspect-video w-full rounded-md bg-[#0d1413]" />
      )}
      {take ? <TakePreview key={take.seconds} take={take} isSound={source === 'microphone'} /> : null}
      <p role="status" className="mb-3 tabular-nums">
        {seconds !== null
          ? says.recording({ time: momentInWords(seconds, false) })
          : take
            ? says.recorded({ time: momentInWords(take.seconds, false) })
            : says.recordHint}
      </p>
      {failed ? (
        <p role="alert" className="mb-3 text-berry">
          {says.noSource[source]}
        </p>
      ) : null}
      <div className="flex flex-wrap justify-end gap-2">
        {take ? (
          <>
            <Button onClick={begin}>
              <RotateCcw size={18} aria-hidden /> {says.recordAgain}
            </Button>
            <Button
              look="main"
              onClick={() => {
                void onPlace(take.file, `${says.recordFrom[source]}.${take.ending}`, take.seconds);
                onClose();
              }}
            >
              {says.place}
            </Button>
          </>
        ) : seconds === null ? (
          <Button look="main" onClick={begin}>
            <Circle size={16} aria-hidden className="fill-current" /> {says.record}
          </Button>
        ) : (
          <Button look="main" onClick={stop}>
            <Square size={16} aria-hidden className="fill-current" /> {says.stop}
          </Button>
        )}
      </div>
    </Dialog>
  );
}

function TakePreview({ take, isSound }: { take: Take; isSound: boolean }) {
  const element = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    const url = URL.createObjectURL(take.file);
    if (element.current) element.current.src = url;
    return () => URL.revokeObjectURL(url);
  }, [take]);
  return (
    // It was recorded a moment ago; captions are written once it is placed.
    <video
      ref={element}
      controls
      playsInline
      aria-label={messages.media.preview}
      className={`mb-3 w-full rounded-md bg-[#0d1413] ${isSound ? 'h-14' : 'aspect-video'}`}
    />
  );
}
