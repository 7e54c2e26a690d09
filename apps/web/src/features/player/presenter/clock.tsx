/** The time of day, and how long the show has been under way. */
import { Pause, Play, TimerReset } from 'lucide-react';
import { useEffect, useState } from 'react';
import { IconButton } from '../../../shared/ui';
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
    <span className="flex items-center gap-1 text-lg tabular-nums">
      <span aria-label={messages.show.clock} role="timer" className="px-2 font-bold">
        {messages.common.timeOfDay({ at: now })}
      </span>
      <span aria-label={messages.show.timer} role="timer" className="px-1 text-soft">
        {duration(passed)}
      </span>
      <IconButton name={timer.held === null ? messages.show.pauseTimer : messages.show.runTimer} onClick={toggle}>
        {timer.held === null ? <Pause size={18} aria-hidden /> : <Play size={18} aria-hidden />}
      </IconButton>
      <IconButton name={messages.show.resetTimer} onClick={() => setTimer({ begun: Date.now(), held: null })}>
        <TimerReset size={18} aria-hidden />
      </IconButton>
    </span>
  );
}
