/** A form about an account: sent as it is filled in; what is wrong with it is said at its fields. */
import { useMutation } from '@tanstack/react-query';
import type { SubmitEvent } from 'react';
import { faultsOf } from '../../shared/api';

/**
 * @param send sends what is filled in
 * @param onSent is called with the form once that was taken
 */
export function useAccountForm(
  send: (values: FormData) => Promise<unknown>,
  onSent?: (form: HTMLFormElement) => unknown,
) {
  const sending = useMutation({
    mutationFn: (form: HTMLFormElement) => send(new FormData(form)),
    onSuccess: (_answer, form) => onSent?.(form),
  });
  return {
    onSubmit: (event: SubmitEvent<HTMLFormElement>) => {
      event.preventDefault();
      sending.mutate(event.currentTarget);
    },
    isPending: sending.isPending,
    isSent: sending.isSuccess,
    error: sending.error,
    faults: faultsOf(sending.error),
  };
}
