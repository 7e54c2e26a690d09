/** How long the show has been under way, to be read while standing, and the time of day. */
import { Pause, Play, TimerReset } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button } from '../../../shared/ui';
import { duration, messages } from '../../../shared/messages';

export function Clock() {
  const [now, setNow] = useState(() => Date.now());
  /** When it was begun, less what it was held; and since when it is held. */
  const [timer, setTimer] = useState({ begun: now, held: null as number | null });
  useEffect(() => {
    // Only the browser's clock knows what time it is.
    const ticking = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(ticking);
  }, []);
  const passed = Math.max(0, Math.floor(((timer.held ?? now) - timer.begun) / 1000));
  const toggle = () =>
    setTimer(({ begun, held }) =>
      held === null ? { begun, held: Date.now() } : { begun: begun + Date.now() - held, held: null },
    );
  return (
    <section aria-label={messages.show.timer} className="flex-none border-b border-rule px-4 pb-3 pt-2">
      <div className="flex items-end justify-between gap-3">
        <span
          role="timer"
          aria-label={messages.show.timer}
          className={`font-display text-[4.75rem] font-bold leading-none tabular-nums ${timer.held === null ? '' : 'text-amber'}`}
        >
          {duration(passed)}
        </span>
        <span className="text-end">
          <span role="timer" aria-label={messages.show.clock} className="block text-xl font-bold tabular-nums">
            {messages.common.timeOfDay({ at: now })}
          </span>
          <span className="text-sm text-soft">{messages.show.clock}</span>
        </span>
      </div>
      <div className="mt-2 flex gap-2">
        <Button onClick={toggle}>
          {timer.held === null ? <Pause size={18} aria-hidden /> : <Play size={18} aria-hidden />}
          {timer.held === null ? messages.show.pauseTimer : messages.show.runTimer}
        </Button>
        <Button onClick={() => setTimer({ begun: Date.now(), held: null })}>
          <TimerReset size={18} aria-hidden /> {messages.show.resetTimer}
        </Button>
      </div>
    </section>
  );
}
