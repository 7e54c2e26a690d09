/** What is left of a time that was given; says so when it is up. */
import { type Countdown, secondsLeft } from '@gobrel/core/lesson';
import { Timer } from 'lucide-react';
import { duration, messages } from '../messages';
import { useNow } from './use-now';

/** Ticks by itself. The last minute is told to screen readers when it begins, and when it is up. */
export function TimeLeft({ time, className = '' }: { time: Countdown; className?: string }) {
  const now = useNow(250);
  const left = secondsLeft(time, now);
  const isUp = left === 0;
  return (
    <span className={`inline-flex items-center gap-1.5 tabular-nums ${isUp ? 'text-berry' : ''} ${className}`}>
      <Timer aria-hidden className="size-[1.1em]" />
      <span aria-hidden={!isUp}>{isUp ? messages.time.timeIsUp : duration(left)}</span>
      <span className="spoken" role="timer" aria-live="polite">
        {isUp ? '' : left <= 60 ? messages.time.timeLeft({ left: messages.time.minutes({ count: 1 }) }) : ''}
      </span>
    </span>
  );
}
