/** Other terms for a lesson that runs. */
import type { LessonView } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, lessonQuery, messageOf } from '../../../shared/api';
import { Button, Dialog, DialogActions, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { TermsFields } from './terms-fields';

export function TermsDialog({ lesson, onClose }: { lesson: LessonView; onClose: () => void }) {
  const queries = useQueryClient();
  const [terms, setTerms] = useState(lesson.terms);
  const keep = useMutation({
    mutationFn: () => ask<LessonView>('PATCH', `/lessons/${lesson.id}`, { terms }),
    onSuccess: (next) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      showToast(messages.handOut.termsKept);
      onClose();
    },
  });
  return (
    <Dialog title={messages.leading.settings} open onClose={onClose} wide>
      <TermsFields terms={terms} onChange={(change) => setTerms({ ...terms, ...change })} />
      {keep.isError ? (
        <p role="alert" className="text-berry">
          {messageOf(keep.error)}
        </p>
      ) : null}
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={keep.isPending} onClick={() => keep.mutate()}>
          {messages.common.keep}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
