/** What somebody's marks come to, the same wherever it is shown: points, and how much is still to be marked. */
import type { MarkSum } from '@gobrel/core/questions';
import { messages } from '../messages';

interface PointsSumProps {
  readonly sum: MarkSum | undefined;
  /** Whether what is still to be marked is only spoken, as it is seen beside it. */
  readonly short?: boolean;
}

export function PointsSum({ sum, short = false }: PointsSumProps) {
  if (!sum || (sum.outOf === 0 && sum.unmarked === 0)) return '–';
  return (
    <>
      {sum.outOf > 0 ? `${sum.points}/${sum.outOf}` : '–'}
      {sum.unmarked > 0 ? (
        <span className={short ? 'spoken' : 'block text-sm text-dusk'}>
          {short ? ' ' : ''}
          {messages.reviewing.toMark({ count: sum.unmarked })}
        </span>
      ) : null}
    </>
  );
}
