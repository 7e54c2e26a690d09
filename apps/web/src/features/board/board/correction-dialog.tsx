/** A correction of the slides under a running lesson: what would change, for whom, and sending it. */
import type { LessonView } from '@gobrel/contract';
import { type Deck, slideDifferences } from '@gobrel/core/deck';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { ask, correctionQuery, lessonQuery, messageOf } from '../../../shared/api';
import { Thumbnail } from '../../../shared/slides';
import { Button, Dialog, DialogActions, Failing, Loading, showToast } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';

interface CorrectionProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly onClose: () => void;
}

export function CorrectionDialog({ lesson, edition, onClose }: CorrectionProps) {
  const says = messages.leading;
  const queries = useQueryClient();
  const correction = useQuery(correctionQuery(lesson.id));
  const send = useMutation({
    mutationFn: () => ask<LessonView>('POST', `/lessons/${lesson.id}/correction`),
    onSuccess: (next) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      showToast(says.corrected);
      onClose();
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const deck = correction.data?.deck;
  const affected = correction.data?.affected ?? [];
  const changed = useMemo(
    () => (deck ? [...slideDifferences(edition, deck)].filter(([, how]) => how !== 'same') : []),
    [edition, deck],
  );
  const nameOf = (id: string) => lesson.participants.find(({ participantId }) => participantId === id)?.name ?? '';
  return (
    <Dialog title={says.correctTitle} open onClose={onClose} wide>
      <p className="mb-3 text-soft">{says.correctHint}</p>
      {correction.isPending ? <Loading what={says.correctTitle} /> : null}
      {correction.isError ? <Failing message={messageOf(correction.error)} /> : null}
      {deck && changed.length === 0 ? <p className="font-semibold">{says.nothingToCorrect}</p> : null}
      {deck && changed.length > 0 ? (
        <>
          <ul className="flex flex-wrap gap-3">
            {changed.map(([id, how]) => (
              <li key={id} className="w-[150px]">
                <Thumbnail deck={how === 'removed' ? edition : deck} slideId={id} width={146} />
                <strong className="block truncate">{slideName(how === 'removed' ? edition : deck, id)}</strong>
                <span className="text-sm text-soft">{says.slideDifference[how]}</span>
              </li>
            ))}
          </ul>
          <h3 className="mt-4 text-lg">
            {affected.length === 0 ? says.affectsNobody : says.affects({ count: affected.length })}
          </h3>
          <ul className="max-h-48 overflow-auto">
            {affected.map(({ participantId, stranded, points }) => (
              <li key={participantId} className="border-t border-rule py-1">
                <strong>{nameOf(participantId)}</strong>{' '}
                {[
                  points.before === points.after
                    ? ''
                    : says.pointsChange({ before: points.before, after: points.after }),
                  stranded === 0 ? '' : says.fitsNoMore({ count: stranded }),
                ]
                  .filter(Boolean)
                  .join(', ')}
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={changed.length === 0 || send.isPending} onClick={() => send.mutate()}>
          {says.sendCorrection}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
