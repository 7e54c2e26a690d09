/** The captions of a clip, a row each: when, and what is said. */
import { type Caption, captionLimits, inOrder, momentInWords, readMoment } from '@gobrel/core/deck';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { messages } from '../../../shared/messages';
import { IconButton } from '../../../shared/ui';

interface CaptionRowsProps {
  readonly captions: readonly Caption[];
  /** The moment that is played just now, in seconds of the clip. */
  readonly at: number;
  /** The caption that has just been added: its words are typed next. */
  readonly fresh: number | null;
  readonly onChange: (captions: readonly Caption[]) => void;
  readonly onSeek: (seconds: number) => void;
  /** Adds one that begins at a moment to the captions as they are by then. */
  readonly onAdd: (from: number, captions: readonly Caption[]) => void;
}

export function CaptionRows({ captions, at, fresh, onChange, onSeek, onAdd }: CaptionRowsProps) {
  const says = messages.media;
  const set = (place: number, fields: Partial<Caption>) =>
    onChange(inOrder(captions.map((caption, index) => (index === place ? withFields(caption, fields) : caption))));
  return (
    <ol className="flex flex-col gap-1.5">
      {captions.map((caption, place) => (
        <li
          key={`${String(caption.from)} ${String(place)}`}
          className={`flex items-start gap-1.5 rounded-md p-1 ${caption.from <= at && at < caption.to ? 'bg-dusk/10' : ''}`}
        >
          <span className="flex w-[4.6rem] flex-none flex-col gap-1">
            <Moment
              label={says.from({ place: place + 1 })}
              value={caption.from}
              onFocus={() => onSeek(caption.from)}
              onChange={(from) => set(place, { from })}
            />
            <Moment label={says.to({ place: place + 1 })} value={caption.to} onChange={(to) => set(place, { to })} />
          </span>
          <Words
            label={says.words({ place: place + 1 })}
            value={caption.text}
            isFresh={fresh === place}
            onFocus={() => onSeek(caption.from)}
            onChange={(text) => set(place, { text })}
            onNext={(text) =>
              onAdd(
                caption.to,
                captions.map((each, index) => (index === place ? { ...each, text } : each)),
              )
            }
          />
          <IconButton
            name={says.deleteCaption({ place: place + 1 })}
            onClick={() => onChange(captions.filter((_, index) => index !== place))}
          >
            <Trash2 size={18} aria-hidden />
          </IconButton>
        </li>
      ))}
    </ol>
  );
}

/** A caption that was changed still takes some time. */
function withFields(caption: Caption, fields: Partial<Caption>): Caption {
  const next = { ...caption, ...fields };
  return next.to > next.from ? next : { ...next, to: next.from + 1 };
}

interface MomentProps {
  readonly label: string;
  readonly value: number;
  readonly onFocus?: () => void;
  readonly onChange: (seconds: number) => void;
}

/** A moment that can be typed; what is none stays as it was. */
function Moment({ label, value, onFocus, onChange }: MomentProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const end = () => {
    const moment = typed === null ? null : readMoment(typed);
    setTyped(null);
    if (moment !== null && moment !== value) onChange(moment);
  };
  return (
    <input
      aria-label={label}
      value={typed ?? momentInWords(Math.round(value * 10) / 10).slice(0, -2)}
      onFocus={onFocus}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={end}
      onKeyDown={({ key }) => {
        if (key === 'Enter') end();
      }}
      className="min-h-8 rounded-md border border-edge bg-card px-1.5 text-end tabular-nums"
    />
  );
}

interface WordsProps {
  readonly label: string;
  readonly value: string;
  readonly isFresh: boolean;
  readonly onFocus: () => void;
  readonly onChange: (text: string) => void;
  /** Enter ends this caption and begins the next one. */
  readonly onNext: (text: string) => void;
}

function Words({ label, value, isFresh, onFocus, onChange, onNext }: WordsProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const end = () => {
    if (typed !== null && typed !== value) onChange(typed);
    setTyped(null);
  };
  return (
    <textarea
      aria-label={label}
      // Whoever added it wants to type it.
      autoFocus={isFresh}
      rows={2}
      maxLength={captionLimits.letters}
      value={typed ?? value}
      onFocus={onFocus}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={end}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || event.shiftKey) return;
        event.preventDefault();
        setTyped(null);
        onNext(typed ?? value);
      }}
      className="min-h-[4.25rem] min-w-0 flex-1 resize-none rounded-md border border-edge bg-card px-2 py-1"
    />
  );
}
