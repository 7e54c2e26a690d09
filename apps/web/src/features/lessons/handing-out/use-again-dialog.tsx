/** A lesson's slides for another class, without anybody's answers. */
import type { LessonView } from '@gobrel/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask, classesQuery, messageOf } from '../../../shared/api';
import { Button, Dialog, DialogActions } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { ANYBODY, ToWhom } from './to-whom';

export function UseAgainDialog({ lesson, onClose }: { lesson: LessonView; onClose: () => void }) {
  const classes = useQuery(classesQuery);
  const navigate = useNavigate();
  const open = classes.data?.filter(({ archivedAt }) => archivedAt === null) ?? [];
  const [chosen, setChosen] = useState<string | null>(null);
  const classId = chosen ?? open.find(({ id }) => id !== lesson.classId)?.id ?? ANYBODY;
  const again = useMutation({
    mutationFn: () =>
      ask<LessonView>('POST', `/lessons/${lesson.id}/again`, { classId: classId === ANYBODY ? null : classId }),
    onSuccess: async ({ id }) => {
      onClose();
      await navigate(`/lessons/${id}`);
    },
  });
  return (
    <Dialog title={messages.lessons.useAgain} open onClose={onClose}>
      <ToWhom classes={open} chosen={classId} onChoose={setChosen} />
      {again.isError ? (
        <p role="alert" className="text-berry">
          {messageOf(again.error)}
        </p>
      ) : null}
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={again.isPending} onClick={() => again.mutate()}>
          {messages.handOut.action}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
