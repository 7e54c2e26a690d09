/** Gives the class some time, a minute more of it, or takes it away. */
import { beginCountdown, type LessonState } from '@gobrel/core/lesson';
import { Timer } from 'lucide-react';
import { useState } from 'react';
import type { LiveLesson } from '../../../shared/sync';
import { serverNow } from '../../../shared/api';
import { Button, Popover } from '../../../shared/ui';
import { TimeLeft } from '../../../shared/watching';
import { duration, messages } from '../../../shared/messages';

/** Times that are one press away, in minutes. */
const MINUTES = [1, 2, 3, 5, 10, 15, 20, 30] as const;

export function TimeButton({ state, change }: { state: LessonState; change: LiveLesson['change'] }) {
  const [open, setOpen] = useState(false);
  const { countdown } = state;
  const give = (seconds: number) => {
    change(() => beginCountdown(seconds, serverNow()));
    setOpen(false);
  };
  const addMinute = () =>
    change((now) =>
      now.countdown
        ? {
            countdown: {
              endsAt: Math.max(now.countdown.endsAt, serverNow()) + 60_000,
              seconds: now.countdown.seconds + 60,
            },
          }
        : {},
    );
  return (
    <Popover
      label={messages.leading.countdownTitle}
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button look={countdown ? 'lasting' : 'plain'}>
          <Timer size={18} aria-hidden /> {countdown ? <TimeLeft time={countdown} /> : messages.leading.countdown}
        </Button>
      }
    >
      <div className="grid w-64 grid-cols-4 gap-1">
        {MINUTES.map((minutes) => (
          <Button
            key={minutes}
            aria-label={messages.time.minutes({ count: minutes })}
            onClick={() => give(minutes * 60)}
          >
            {duration(minutes * 60)}
          </Button>
        ))}
        {countdown ? (
          <>
            <Button className="col-span-2" onClick={addMinute}>
              {messages.leading.moreTime}
            </Button>
            <Button
              className="col-span-2"
              onClick={() => {
                change(() => ({ countdown: null }));
                setOpen(false);
              }}
            >
              {messages.leading.stopTime}
            </Button>
          </>
        ) : null}
      </div>
    </Popover>
  );
}
