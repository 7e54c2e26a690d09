/** The time, told again every so often. */
import { useEffect, useState } from 'react';
import { serverNow } from '../api';

/** Milliseconds since 1970 by the server's clock, told again every `every` milliseconds while `isOn`. */
export function useNow(every: number, isOn = true): number {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    // Time passes outside React.
    if (!isOn) return;
    const look = () => setNow(serverNow());
    look();
    const timer = setInterval(look, every);
    return () => clearInterval(timer);
  }, [every, isOn]);
  return now;
}
