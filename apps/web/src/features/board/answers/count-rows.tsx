/** What was given how often: rows with a text, a bar below it, and the count at the end of the line. */
import type { ReactNode } from 'react';
import { messages } from '../../../shared/messages';
import { useChartPlace } from './chart-place';

export function CountRows({ children }: { readonly children: ReactNode }) {
  return <ul className="flex flex-col">{children}</ul>;
}

interface CountRowProps {
  /** Stands before the text. */
  readonly letter?: string;
  readonly count: number;
  /** How many answered in all. */
  readonly of: number;
  readonly isRight: boolean;
  readonly children: ReactNode;
}

export function CountRow({ letter, count, of, isRight, children }: CountRowProps) {
  const { isKeyShown } = useChartPlace();
  const tellsRight = isRight && isKeyShown;
  return (
    <li className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-[0.8em] border-b border-rule py-[0.45em]">
      <span className="min-w-[1em] text-[1.2em] font-bold">{letter}</span>
      <span className="min-w-0">
        <span className="block wrap-anywhere">
          {children} {tellsRight ? <strong className="text-reed">✓ {messages.board.states.right}</strong> : null}
        </span>
        <span aria-hidden className="mt-[0.2em] block h-[0.9em] overflow-hidden rounded-sm border border-rule bg-paper">
          <span
            className={`says-by-length block h-full ${tellsRight ? 'bg-reed' : 'bg-soft'}`}
            style={{ width: `${of === 0 ? 0 : (100 * count) / of}%` }}
          />
        </span>
      </span>
      <span className="min-w-[2ch] text-end text-[1.4em] font-bold tabular-nums">{count}</span>
    </li>
  );
}
