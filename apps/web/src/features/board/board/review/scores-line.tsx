/** How it stands with the scores that go to a learning platform once they are released; nothing where they go nowhere. */
import type { ScoresSent } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask, messageOf, scoresQuery } from '../../../../shared/api';
import { messages } from '../../../../shared/messages';
import { Button, showToast } from '../../../../shared/ui';

export function ScoresLine({ lessonId }: { readonly lessonId: string }) {
  const says = messages.platforms;
  const queries = useQueryClient();
  const { queryKey } = scoresQuery(lessonId);
  const { data: scores } = useQuery(scoresQuery(lessonId));
  const again = useMutation({
    mutationFn: () => ask<{ scores: ScoresSent | null }>('POST', `/lessons/${lessonId}/scores`),
    onSuccess: (next) => queries.setQueryData(queryKey, next.scores),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  if (!scores) return null;
  const { platform, sent, waiting, failed, trouble } = scores;
  const isBegun = sent + waiting + failed > 0;
  return (
    <p role="status" className="flex flex-wrap items-center gap-x-3 text-sm text-soft">
      <span>{isBegun ? says.scores({ platform, sent, waiting }) : says.scoresLater({ platform })}</span>
      {failed > 0 ? (
        <>
          <span className="font-semibold text-clay">{says.scoresFailed({ failed, trouble })}</span>
          <Button look="quiet" disabled={again.isPending} onClick={() => again.mutate()}>
            {says.sendAgain}
          </Button>
        </>
      ) : null}
    </p>
  );
}
