/** Records a video or a sound from the camera, the microphone or the screen. */
import { useCallback, useEffect, useRef, useState } from 'react';

/** What is recorded from. */
export const sources = ['camera', 'microphone', 'screen'] as const;

/** What is recorded from. */
export type Source = (typeof sources)[number];

/** What was recorded, and how long it plays, in seconds. */
export interface Take {
  readonly file: Blob;
  readonly seconds: number;
  /** The ending of its file's name. */
  readonly ending: string;
}

/** Containers in the order of how many devices play them; each browser records some. */
const types: Readonly<Record<'video' | 'sound', readonly string[]>> = {
  video: ['video/mp4;codecs=avc1.42E01E,mp4a.40.2', 'video/webm;codecs=vp8,opus', 'video/webm', 'video/mp4'],
  sound: ['audio/mp4;codecs=mp4a.40.2', 'audio/webm;codecs=opus', 'audio/webm', 'audio/ogg;codecs=opus'],
};

const TICK = 200;

interface Recorder {
  /** What the camera or the screen shows; `null` before it is opened, and for a microphone. */
  readonly stream: MediaStream | null;
  /** Seconds recorded so far; `null` while nothing is recorded. */
  readonly seconds: number | null;
  /** Whether a take is being ended: then there is nothing to stop, and nothing can begin yet. */
  readonly isEnding: boolean;
  /** Opens the source and begins. */
  readonly start: () => Promise<void>;
  readonly stop: () => void;
}

interface RecorderProps {
  readonly source: Source;
  /** The longest take, in seconds. */
  readonly longest: number;
  readonly onTake: (take: Take) => void;
  /** There is no such source, or it may not be used. */
  readonly onFailed: () => void;
}

/** A recorder; whatever it opened is let go when a take ends, and when it is taken off the screen. */
export function useMediaRecorder({ source, longest, onTake, onFailed }: RecorderProps): Recorder {
  const [stream, setStream] = useState<MediaStream | null>(null);
  const [seconds, setSeconds] = useState<number | null>(null);
  const [isEnding, setEnding] = useState(false);
  const recorder = useRef<MediaRecorder | null>(null);
  const isOpening = useRef(false);
  const isGone = useRef(false);
  const told = useRef({ onTake, onFailed });
  useEffect(() => {
    told.current = { onTake, onFailed };
  });
  const stop = useCallback(() => {
    if (recorder.current?.state !== 'recording') return;
    setEnding(true);
    recorder.current.stop();
  }, []);
  useEffect(() => {
    isGone.current = false;
    return () => {
      isGone.current = true;
      if (recorder.current?.state === 'recording') recorder.current.stop();
    };
  }, []);

  const start = useCallback(async () => {
    if (isOpening.current || recorder.current?.state === 'recording') return;
    isOpening.current = true;
    const kind = source === 'microphone' ? 'sound' : 'video';
    try {
      const type = types[kind].find((each) => MediaRecorder.isTypeSupported(each));
      if (!type) throw new Error('this browser records nothing that is known here');
      const opened = await open(source);
      if (isGone.current) return letGo(opened);
      const media = new MediaRecorder(opened, { mimeType: type });
      const parts: Blob[] = [];
      const begun = performance.now();
      const spent = () => (performance.now() - begun) / 1000;
      const clock = setInterval(() => {
        setSeconds(spent());
        if (spent() >= longest) stop();
      }, TICK);
      media.ondataavailable = ({ data }) => parts.push(data);
      media.onstop = () => {
        clearInterval(clock);
        letGo(opened);
        setSeconds(null);
        setEnding(false);
        setStream(null);
        const [plain = type] = type.split(';');
        const file = new Blob(parts, { type: plain });
        if (file.size === 0) told.current.onFailed();
        else
          told.current.onTake({ file, seconds: Math.round(spent() * 10) / 10, ending: plain.split('/')[1] ?? 'webm' });
      };
      // Whoever ends the sharing of a screen by the browser's own button ends the take.
      for (const track of opened.getTracks()) track.addEventListener('ended', stop);
      recorder.current = media;
      media.start(1000);
      setStream(kind === 'video' ? opened : null);
      setSeconds(0);
    } catch {
      told.current.onFailed();
    } finally {
      isOpening.current = false;
    }
  }, [source, longest, stop]);
  return { stream, seconds, isEnding, start, stop };
}

/** Opens a source. A screen comes with the voice of whoever shows it, where there is a microphone. */
async function open(source: Source): Promise<MediaStream> {
  const { mediaDevices } = navigator;
  if (source === 'microphone') return mediaDevices.getUserMedia({ audio: true });
  if (source === 'camera') return mediaDevices.getUserMedia({ audio: true, video: true });
  const screen = await mediaDevices.getDisplayMedia({ video: true });
  const voice = await mediaDevices.getUserMedia({ audio: true }).catch(() => null);
  return new MediaStream([...screen.getTracks(), ...(voice?.getTracks() ?? [])]);
}

function letGo(stream: MediaStream): void {
  for (const track of stream.getTracks()) track.stop();
}
