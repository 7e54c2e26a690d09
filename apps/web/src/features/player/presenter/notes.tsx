/** The notes of a slide, to be read while standing: their letters are made larger and smaller, and stay so. */
import { AArrowDown, AArrowUp } from 'lucide-react';
import { useState } from 'react';
import { IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

const KEPT_AS = 'gobrel size of notes';
/** In CSS pixels. */
const SIZES = [20, 23, 27, 32, 38] as const;
const USUAL = 1;

export function Notes({ notes }: { readonly notes: string }) {
  const [size, setSize] = useState(() => sizeKept());
  const change = (by: number) => {
    const next = Math.max(0, Math.min(SIZES.length - 1, size + by));
    localStorage.setItem(KEPT_AS, String(next));
    setSize(next);
  };
  return (
    <section aria-label={messages.show.notes} className="flex min-h-0 flex-1 flex-col px-4 py-3">
      <div className="flex items-center gap-1">
        <h2 className="me-auto font-sans text-base">{messages.show.notes}</h2>
        <IconButton name={messages.show.smallerNotes} disabled={size === 0} onClick={() => change(-1)}>
          <AArrowDown size={20} aria-hidden />
        </IconButton>
        <IconButton name={messages.show.largerNotes} disabled={size === SIZES.length - 1} onClick={() => change(1)}>
          <AArrowUp size={20} aria-hidden />
        </IconButton>
      </div>
      {notes ? (
        // What does not fit is scrolled by keys too.
        <p
          tabIndex={0}
          className="min-h-0 flex-1 overflow-y-auto whitespace-pre-wrap leading-[1.42]"
          style={{ fontSize: SIZES[size] }}
        >
          {notes}
        </p>
      ) : (
        <p className="text-soft">{messages.show.noNotes}</p>
      )}
    </section>
  );
}

function sizeKept(): number {
  const kept = Number(localStorage.getItem(KEPT_AS) ?? USUAL);
  return Number.isInteger(kept) && kept >= 0 && kept < SIZES.length ? kept : USUAL;
}
