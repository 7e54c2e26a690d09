/** Numbered spots of comments over a slide. */
import { type Deck, type SlideId, sizeOf } from '@gobrel/core/deck';
import type { ReviewComment } from '@gobrel/core/review';

interface SpotsProps {
  readonly edition: Deck;
  readonly slideId: SlideId;
  readonly comments: readonly ReviewComment[];
}

/** Lies over the slide and fills it; the numbers are those of the comments on the slide. */
export function Spots({ edition, slideId, comments }: SpotsProps) {
  const size = sizeOf(edition);
  return (
    <span aria-hidden className="pointer-events-none absolute inset-0">
      {comments
        .filter((comment) => comment.slideId === slideId)
        .map(({ id, spot }, at) =>
          spot ? (
            <span
              key={id}
              className="absolute flex size-7 -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border-2 border-card bg-berry text-sm font-bold text-card"
              style={{ left: `${(spot.x / size.width) * 100}%`, top: `${(spot.y / size.height) * 100}%` }}
            >
              {at + 1}
            </span>
          ) : null,
        )}
    </span>
  );
}
