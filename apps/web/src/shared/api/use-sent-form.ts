/** A form that is sent as it is filled in; what is wrong with it is said at its fields. */
import { useMutation } from '@tanstack/react-query';
import type { SubmitEvent } from 'react';
import { faultsOf } from './client';

/** What is filled in, by the names of the fields. */
export type FormValues = Readonly<Record<string, string>>;

/**
 * @param send sends what is filled in
 * @param onSent is called with the answer, what was sent and the form
 */
export function useSentForm<T>(
  send: (values: FormValues) => Promise<T>,
  onSent?: (answer: T, values: FormValues, form: HTMLFormElement) => unknown,
) {
  const sending = useMutation({
    mutationFn: ({ values }: { values: FormValues; form: HTMLFormElement }) => send(values),
    onSuccess: (answer, { values, form }) => onSent?.(answer, values, form),
  });
  return {
    onSubmit: (event: SubmitEvent<HTMLFormElement>) => {
      event.preventDefault();
      const form = event.currentTarget;
      // None of our forms sends a file.
      const filledIn = [...new FormData(form)].flatMap(([name, value]) =>
        typeof value === 'string' ? [[name, value]] : [],
      );
      sending.mutate({ values: Object.fromEntries(filledIn), form });
    },
    isPending: sending.isPending,
    isSent: sending.isSuccess,
    error: sending.error,
    faults: faultsOf(sending.error),
  };
}
