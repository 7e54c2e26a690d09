/** Changing one's school: what the server answers is what is shown. */
import type { OwnSchool } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ask, messageOf, schoolQuery } from '../../../shared/api';
import { showToast } from '../../../shared/ui';

interface Afterwards {
  /** Is called once it is done. */
  readonly onDone?: (school: OwnSchool) => void;
  /** Is called once it is done or refused. */
  readonly onSettled?: () => void;
}

/** Changes the school: a method, what of the school, and with what. */
export function useSchool() {
  const queries = useQueryClient();
  const changing = useMutation({
    mutationFn: ({ method, path, body }: { method: 'POST' | 'PATCH' | 'DELETE'; path: string; body?: object }) =>
      ask<OwnSchool>(method, `/school${path}`, body),
    onSuccess: (school) => queries.setQueryData(schoolQuery.queryKey, school),
  });
  return {
    change: (
      method: 'POST' | 'PATCH' | 'DELETE',
      path: string,
      body?: object,
      { onDone, onSettled }: Afterwards = {},
    ) => {
      changing.mutate(
        { method, path, ...(body ? { body } : {}) },
        {
          onSuccess: (school) => onDone?.(school),
          onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
          onSettled: () => onSettled?.(),
        },
      );
    },
    isPending: changing.isPending,
  };
}
