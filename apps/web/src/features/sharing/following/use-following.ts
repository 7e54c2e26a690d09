/** Letting others follow a show: begun, told where the show is, ended; goes on after reloading the window. */
import type { FollowingView } from '@gobrel/contract';
import type { Stop } from '@gobrel/core/show';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { ask, messageOf, Refusal } from '../../../shared/api';
import { showToast } from '../../../shared/ui';
import { StepSender } from './step-sender';

/** How often it is asked how many came, which also says that somebody presents; in milliseconds. */
const ASK_EVERY_MS = 5000;

/** A show that others may follow. */
export interface Following {
  /** `null` while nobody may. */
  readonly address: string | null;
  /** How many came. */
  readonly joined: number;
  readonly isStarting: boolean;
  /** @param keeps whether they can look at it afterwards */
  readonly start: (keeps: boolean) => void;
  readonly end: () => void;
}

export function useFollowing(deckId: string, stop: Stop): Following {
  const place = `following of ${deckId}`;
  const [address, setAddress] = useState(() => sessionStorage.getItem(place));
  const keep = (next: string | null) => {
    setAddress(next);
    if (next === null) sessionStorage.removeItem(place);
    else sessionStorage.setItem(place, next);
  };
  const look = useQuery({
    queryKey: ['following', address],
    queryFn: () => ask<FollowingView>('GET', `/followings/${address}`),
    enabled: address !== null,
    refetchInterval: ASK_EVERY_MS,
    refetchIntervalInBackground: true,
    retry: false,
  });
  const start = useMutation({
    mutationFn: (keeps: boolean) => ask<FollowingView>('POST', `/decks/${deckId}/following`, { keeps, stop }),
    onSuccess: (following) => keep(following.address),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const end = useMutation({
    mutationFn: (ended: string) => ask('POST', `/followings/${ended}/end`),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const sender = useMemo(
    () => (address === null ? null : new StepSender((at) => ask('POST', `/followings/${address}/steps`, { stop: at }))),
    [address],
  );
  const { dataUpdatedAt, error } = look;
  // Said again whenever the server answers: what was lost without a network reaches those who follow then.
  useEffect(() => sender?.tell(stop), [sender, stop, dataUpdatedAt]);
  const isOver = error instanceof Refusal && error.problem.status === 404;
  useEffect(() => {
    if (!isOver) return;
    setAddress(null);
    sessionStorage.removeItem(place);
  }, [isOver, place]);
  return {
    address,
    joined: look.data?.joined ?? 0,
    isStarting: start.isPending,
    start: (keeps) => start.mutate(keeps),
    end: () => {
      if (address !== null) end.mutate(address);
      keep(null);
    },
  };
}
