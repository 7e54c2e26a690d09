/** How far a file is that is being made. */
import type { ReactNode } from 'react';

interface MakingBarProps {
  /** What is being made. */
  readonly label: string;
  readonly done: number;
  readonly all: number;
  /** The same in words. */
  readonly children: ReactNode;
}

export function MakingBar({ label, done, all, children }: MakingBarProps) {
  return (
    <p role="status" className="mt-3">
      {children}
      <progress className="mt-1 block w-full accent-tide" value={done} max={all} aria-label={label} />
    </p>
  );
}
