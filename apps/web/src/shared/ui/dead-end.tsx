/** A page where it goes no further: what happened, and every way out. */
import type { ReactNode } from 'react';
import { LostRoute } from '../drawings';
import { messages } from '../messages';
import { Button } from './button';
import { usePageTitle } from './page-title';

interface DeadEndProps {
  /** What cannot be had, in a few words; the page is called so too. */
  readonly title: string;
  /** Why, and what to do. */
  readonly text: string;
  /** Tries once more, where that can help. */
  readonly onRetry?: (() => void) | undefined;
  /** Links and buttons that lead elsewhere; the likeliest first. */
  readonly children?: ReactNode;
}

export function DeadEnd({ title, text, onRetry, children }: DeadEndProps) {
  usePageTitle(title);
  return (
    <main className="dotted-ground flex min-h-full flex-col items-center justify-center gap-4 px-6 pb-24 pt-10 text-center">
      <LostRoute />
      <h1 className="text-3xl">{title}</h1>
      <p role="alert" className="max-w-md text-lg">
        {text}
      </p>
      <p className="mt-2 flex flex-wrap justify-center gap-3">
        {children}
        {onRetry ? <Button onClick={onRetry}>{messages.common.tryAgain}</Button> : null}
      </p>
    </main>
  );
}
