/** The played part of a clip, between two handles on its strip. */
import { momentInWords } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';
import { useStrip } from './use-strip';

interface TrimStripProps {
  readonly url: string;
  readonly kind: 'video' | 'sound';
  /** How long the whole clip plays, in seconds. */
  readonly seconds: number;
  readonly starts: number;
  readonly ends: number | null;
  /** The moment that is played just now, in seconds of the clip. */
  readonly at: number;
  readonly onTrim: (part: { readonly starts: number; readonly ends: number | null }) => void;
  readonly onSeek: (seconds: number) => void;
}

/** The shortest part, in seconds. */
const SHORTEST = 0.5;

export function TrimStrip({ url, kind, seconds, starts, ends, at, onTrim, onSeek }: TrimStripProps) {
  const strip = useStrip(url, kind, seconds);
  const says = messages.media;
  const last = ends ?? seconds;
  const part = (moment: number) => `${String((100 * moment) / seconds)}%`;
  const handle = 'trim-handle pointer-events-none absolute inset-0 h-full w-full appearance-none bg-transparent';
  return (
    <div>
      <div className="relative h-16 overflow-hidden rounded-md border border-edge bg-paper">
        {strip?.kind === 'pictures' ? (
          <div aria-hidden className="flex h-full">
            {strip.pictures.map((picture) => (
              <img key={picture.slice(-80)} src={picture} alt="" className="h-full min-w-0 flex-1 object-cover" />
            ))}
          </div>
        ) : null}
        {strip?.kind === 'heights' ? <Heights heights={strip.heights} /> : null}
        <div aria-hidden className="absolute inset-y-0 start-0 bg-ink/45" style={{ width: part(starts) }} />
        <div aria-hidden className="absolute inset-y-0 end-0 bg-ink/45" style={{ width: part(seconds - last) }} />
        <div aria-hidden className="absolute inset-y-0 w-0.5 bg-clay" style={{ insetInlineStart: part(at) }} />
        <input
          type="range"
          aria-label={says.starts}
          aria-valuetext={momentInWords(starts)}
          min={0}
          max={seconds}
          step={0.1}
          value={starts}
          className={handle}
          onChange={({ target }) => {
            const next = Math.min(target.valueAsNumber, last - SHORTEST);
            onTrim({ starts: Math.max(0, next), ends });
            onSeek(Math.max(0, next));
          }}
        />
        <input
          type="range"
          aria-label={says.ends}
          aria-valuetext={momentInWords(last)}
          min={0}
          max={seconds}
          step={0.1}
          value={last}
          className={handle}
          onChange={({ target }) => {
            const next = Math.max(target.valueAsNumber, starts + SHORTEST);
            onTrim({ starts, ends: next >= seconds ? null : next });
            onSeek(Math.min(next, seconds));
          }}
        />
      </div>
      <p className="mt-1 flex justify-between text-sm text-soft tabular-nums">
        <span>{momentInWords(starts, false)}</span>
        <span>{says.partOf({ part: momentInWords(last - starts, false), all: momentInWords(seconds, false) })}</span>
        <span>{momentInWords(last, false)}</span>
      </p>
    </div>
  );
}

function Heights({ heights }: { heights: readonly number[] }) {
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${String(heights.length)} 100`}
      preserveAspectRatio="none"
      className="h-full w-full fill-tide"
    >
      {heights.map((height, place) => {
        const tall = Math.max(2, height * 92);
        return <rect key={place} x={place + 0.15} y={50 - tall / 2} width={0.7} height={tall} />;
      })}
    </svg>
  );
}
