/** What is said in a video or a sound, to be read: on demand, over the item. */
import { type Caption, transcriptOf } from '@gobrel/core/deck';
import { useId, useState } from 'react';
import { useSurroundings } from '../surroundings.js';

interface TranscriptProps {
  readonly captions: readonly Caption[];
  /** What it is the transcript of. */
  readonly name: string;
}

export function Transcript({ captions, name }: TranscriptProps) {
  const { media } = useSurroundings().words;
  const [isOpen, setOpen] = useState(false);
  const id = useId();
  if (captions.length === 0) return null;
  return (
    <>
      {isOpen ? (
        <div id={id} className="gv-transcript" role="region" aria-label={media.transcriptOf(name)} tabIndex={0}>
          {transcriptOf(captions)
            .split('\n')
            .map((line, place) => (
              <p key={place}>{line}</p>
            ))}
        </div>
      ) : null}
      <button
        type="button"
        className="gv-transcript-button"
        aria-expanded={isOpen}
        aria-controls={isOpen ? id : undefined}
        onClick={() => setOpen(!isOpen)}
      >
        {isOpen ? media.closeTranscript : media.transcript}
      </button>
    </>
  );
}
