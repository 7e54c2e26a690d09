/** A recorder: the browser's microphone, in bytes that fit into a student's work. */
import { type Recording, soundTypes, workLimits } from '@gobrel/core/work';
import { useEffect, useRef, useState } from 'react';

interface RecorderProps {
  /** The longest recording, in seconds. */
  readonly longest: number;
  readonly onRecorded: (recording: Recording) => void;
  /** There is no microphone, or it may not be used. */
  readonly onFailed: () => void;
}

/** Speech stays understandable with so many bits a second; a minute of it is 180 kB. */
const BITS = 24_000;
const TICK = 250;

/** Seconds recorded so far; `null` while nothing is recorded. */
export function useRecorder({ longest, onRecorded, onFailed }: RecorderProps) {
  const [seconds, setSeconds] = useState<number | null>(null);
  const recorder = useRef<MediaRecorder | null>(null);
  /** Whether the microphone is being asked for, and whether the slide was left meanwhile. */
  const asking = useRef(false);
  const left = useRef(false);
  const handlers = useRef({ onRecorded, onFailed });
  useEffect(() => {
    handlers.current = { onRecorded, onFailed };
  });
  const stop = () => {
    if (recorder.current?.state === 'recording') recorder.current.stop();
  };
  useEffect(() => {
    left.current = false;
    // The microphone is let go when the slide is left, and what was said until then is kept.
    return () => {
      left.current = true;
      if (recorder.current?.state === 'recording') recorder.current.stop();
    };
  }, []);

  const start = async () => {
    if (asking.current || recorder.current?.state === 'recording') return;
    asking.current = true;
    const type = soundTypes.find((each) => typeof MediaRecorder !== 'undefined' && MediaRecorder.isTypeSupported(each));
    try {
      if (!type) throw new Error('this browser records no sound that is known here');
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
      if (left.current) return letGo(stream);
      const media = new MediaRecorder(stream, { mimeType: type, audioBitsPerSecond: BITS });
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
        letGo(stream);
        const length = Math.min(longest, Math.round(spent() * 10) / 10);
        setSeconds(null);
        void base64(new Blob(parts)).then((bytes) => {
          if (bytes.length === 0 || bytes.length > workLimits.recording) handlers.current.onFailed();
          else handlers.current.onRecorded({ kind: 'sound', bytes, type, seconds: length });
        });
      };
      recorder.current = media;
      media.start();
      setSeconds(0);
    } catch {
      handlers.current.onFailed();
    } finally {
      asking.current = false;
    }
  };
  return { seconds, start, stop };
}

function letGo(stream: MediaStream): void {
  for (const track of stream.getTracks()) track.stop();
}

async function base64(sound: Blob): Promise<string> {
  const bytes = new Uint8Array(await sound.arrayBuffer());
  let letters = '';
  for (let at = 0; at < bytes.length; at += 0x8000) letters += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(letters);
}
