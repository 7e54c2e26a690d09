/** The states a screen can be in beside its ordinary one: loading, failing, empty. */
import { CircleAlert, LoaderCircle, type LucideIcon } from 'lucide-react';
import type { ReactNode } from 'react';
import { messages } from '../messages';
import { Button } from './button';

export function Loading({ what }: { what: string }) {
  return (
    <div role="status" className="flex items-center justify-center gap-3 p-12 text-soft">
      <LoaderCircle className="animate-spin" aria-hidden /> {messages.common.loading({ what })}
    </div>
  );
}

export function Failing({ message, onRetry }: { message: string; onRetry?: () => void }) {
  return (
    <div role="alert" className="mx-auto flex max-w-lg flex-col items-center gap-4 p-12 text-center">
      <CircleAlert className="text-berry" aria-hidden />
      <p>{message}</p>
      {onRetry ? <Button onClick={onRetry}>{messages.common.tryAgain}</Button> : null}
    </div>
  );
}

interface EmptyProps {
  /** The drawing of what there is none of. */
  readonly icon?: LucideIcon;
  readonly title: string;
  /** How to come by the first one. */
  readonly text?: string;
  /** What leads there. */
  readonly children?: ReactNode;
}

export function Empty({ icon: Icon, title, text, children }: EmptyProps) {
  return (
    <div className="mx-auto flex max-w-lg flex-col items-center gap-3 p-12 text-center">
      {Icon ? (
        <span className="rounded-full border border-rule bg-card p-5 text-edge">
          <Icon size={44} strokeWidth={1.4} aria-hidden />
        </span>
      ) : null}
      <h2 className="text-xl">{title}</h2>
      {text ? <p>{text}</p> : null}
      {children}
    </div>
  );
}
