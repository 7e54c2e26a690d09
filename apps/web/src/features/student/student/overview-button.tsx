/** How much of everything is done; a press shows all slides with what is missing on each. */
import type { OverviewSlide } from '@gobrel/core/work';
import { lazy, Suspense, useState } from 'react';
import { messages } from '../../../shared/messages';
import { loadOverviewDialog } from './later-parts';
import type { Overview } from './overview-dialog';

const OverviewDialog = lazy(loadOverviewDialog);

/** Up to so many slides are drawn as a trail. */
const MOST_DOTS = 12;

interface OverviewButtonProps extends Overview {
  /** Whether the slides are drawn as a trail over the words, in the middle of a phone's foot. */
  readonly isTrail?: boolean;
}

export function OverviewButton({ isTrail = false, ...overview }: OverviewButtonProps) {
  const [open, setOpen] = useState(false);
  const { asked, filled } = overview.progress;
  const { slides, at } = overview;
  return (
    <>
      <button
        type="button"
        className={
          isTrail
            ? 'flex min-h-control w-full flex-col items-center justify-center gap-1 rounded-md text-sm font-semibold'
            : 'min-h-control rounded-md border border-edge bg-card px-2.5 text-sm font-semibold hover:border-ink'
        }
        onClick={() => setOpen(true)}
      >
        {isTrail && slides.length > 1 && slides.length <= MOST_DOTS ? (
          <span aria-hidden className="flex w-full items-center justify-center">
            {slides.map((slide) => (
              <TrailDot key={slide.slideId} slide={slide} isHere={slide.slideId === at} />
            ))}
          </span>
        ) : null}
        <span>{asked === 0 ? messages.student.yourSlides : messages.student.overall({ filled, asked })}</span>
      </button>
      {open ? (
        <Suspense fallback={null}>
          <OverviewDialog {...overview} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}

/** A slide on the trail: full when all of it is filled in, open while something is missing, small where nothing is asked. */
function TrailDot({ slide: { asked, filled }, isHere }: { slide: OverviewSlide; isHere: boolean }) {
  const look =
    asked === 0
      ? 'size-1.5 bg-edge'
      : filled === asked
        ? 'size-2.5 bg-reed'
        : filled > 0
          ? 'size-2.5 border-2 border-amber'
          : 'size-2.5 border-2 border-edge';
  return (
    <span className="flex min-w-0 max-w-6 flex-1 items-center before:h-0.5 before:flex-1 before:bg-rule after:h-0.5 after:flex-1 after:bg-rule">
      <span
        className={`flex-none rounded-full ${look} ${isHere ? 'ring-2 ring-clay ring-offset-2 ring-offset-paper' : ''}`}
      />
    </span>
  );
}
