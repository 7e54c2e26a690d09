/** What somebody's marks come to, the same wherever it is shown: points, and how much is still to be marked. */
import type { MarkSum } from '@gobrel/core/questions';
import { messages } from '../messages';

export function PointsSum({ sum }: { sum: MarkSum | undefined }) {
  if (!sum || (sum.outOf === 0 && sum.unmarked === 0)) return '–';
  return (
    <>
      {sum.outOf > 0 ? `${sum.points}/${sum.outOf}` : '–'}
      {sum.unmarked > 0 ? (
        <span className="block text-sm text-dusk">{messages.reviewing.toMark({ count: sum.unmarked })}</span>
      ) : null}
    </>
  );
}
