/**
 * What an address shows, as long as it may be looked at: whoever looks is told when there is something to look at again,
 * and looks again once the network is back. Without a network what is here stays.
 */
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { ask, mayPass, Refusal, shownQuery } from '../../../shared/api';

/** What was heard since the show was loaded. */
interface Steps {
  /** When it was loaded, in milliseconds since 1970. */
  readonly after: number;
  readonly stops: readonly unknown[];
}

const NONE: readonly unknown[] = [];

/** The longest a browser waits in one go, in milliseconds. */
const LONGEST_WAIT = 2 ** 31 - 1;

export function useShown(address: string) {
  const [pass, setPass] = usePass(address);
  const shown = useQuery(shownQuery(address, pass));
  const { refetch } = shown;
  const isHere = shown.data !== undefined;
  const [steps, setSteps] = useState<Steps>({ after: 0, stops: [] });
  const [isAway, setIsAway] = useState(false);
  const loadedAt = useRef(0);
  loadedAt.current = shown.dataUpdatedAt;
  const until = shown.data?.until ?? null;
  const isFollowed = (shown.data?.walk ?? null) !== null;
  useEffect(() => {
    if (!isHere) return;
    // Nothing is kept of who looks: a count is all that is sent.
    ask('POST', `/shows/${address}/looks?pass=${pass}`).catch(() => undefined);
  }, [address, pass, isHere]);
  useEffect(() => {
    if (!isHere) return;
    const news = new EventSource(`/api/shows/${address}/news`);
    let wasAway = false;
    const again = () => void refetch();
    news.addEventListener('again', again);
    news.addEventListener('step', ({ data }: MessageEvent<string>) => {
      const stop: unknown = JSON.parse(data);
      setSteps((before) => ({
        after: loadedAt.current,
        stops: [...(before.after === loadedAt.current ? before.stops : []), stop],
      }));
    });
    news.addEventListener('error', () => {
      setIsAway(true);
      // Refused for good, as what was taken back is: why is found out by asking.
      if (news.readyState === EventSource.CLOSED) again();
      wasAway = true;
    });
    news.addEventListener('open', () => {
      // Where a show went before it was listened to is asked for.
      if (wasAway || isFollowed) again();
      wasAway = false;
      setIsAway(false);
    });
    return () => news.close();
  }, [address, isHere, isFollowed, refetch]);
  useEffect(() => {
    if (until === null) return;
    const wait = Math.max(0, new Date(until).getTime() - Date.now()) + 500;
    const timer = setTimeout(() => void refetch(), Math.min(wait, LONGEST_WAIT));
    return () => clearTimeout(timer);
  }, [until, refetch]);
  const problem = shown.error instanceof Refusal && !mayPass(shown.error) ? shown.error : null;
  return {
    /** `null` while it is not there, and once it may not be looked at any more. */
    shown: problem ? null : (shown.data ?? null),
    /** Where the show went since it was loaded, where it is one that is followed. */
    steps: steps.after === shown.dataUpdatedAt ? steps.stops : NONE,
    /** Whether nothing is heard just now. */
    isAway,
    problem,
    /** Why it is not here yet; `null` where it is. */
    trouble: problem === null && !isHere ? shown.error : null,
    retry: () => void refetch(),
    pass,
    setPass,
  };
}

/** What opens a show with a passcode; kept until the window is closed. */
function usePass(address: string): [string, (pass: string) => void] {
  const place = `pass of ${address}`;
  const [pass, setPass] = useState(() => readPlace(place));
  const keep = (next: string) => {
    setPass(next);
    try {
      sessionStorage.setItem(place, next);
    } catch {
      // A frame may not keep anything: then it is asked for again after reloading.
    }
  };
  return [pass, keep];
}

function readPlace(place: string): string {
  try {
    return sessionStorage.getItem(place) ?? '';
  } catch {
    return '';
  }
}
