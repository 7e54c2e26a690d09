/** The form of a learning platform: sent as it is filled in; what is wrong with it is said at its fields. */
import { useMutation } from '@tanstack/react-query';
import type { SubmitEvent } from 'react';
import { faultsOf } from '../../../shared/api';

/** @param send sends what is filled in. @param onSent is called with the answer */
export function usePlatformForm<T>(send: (values: object) => Promise<T>, onSent: (answer: T) => void) {
  const sending = useMutation({ mutationFn: send, onSuccess: onSent });
  return {
    onSubmit: (event: SubmitEvent<HTMLFormElement>) => {
      event.preventDefault();
      sending.mutate(Object.fromEntries(new FormData(event.currentTarget)));
    },
    isPending: sending.isPending,
    error: sending.error,
    faults: faultsOf(sending.error),
  };
}
