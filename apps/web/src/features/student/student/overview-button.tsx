/** How much of everything is done; a press shows all slides with what is missing on each. */
import { lazy, Suspense, useState } from 'react';
import { messages } from '../../../shared/messages';
import type { Overview } from './overview-dialog';

/** Comes only when it is asked for: a student's first page is to be small. */
const OverviewDialog = lazy(() =>
  import('./overview-dialog').then(({ OverviewDialog: dialog }) => ({ default: dialog })),
);

export function OverviewButton(overview: Overview) {
  const [open, setOpen] = useState(false);
  const { asked, filled } = overview.progress;
  return (
    <>
      <button
        type="button"
        className="min-h-control rounded-md border border-edge bg-card px-2.5 text-sm font-semibold hover:border-ink"
        onClick={() => setOpen(true)}
      >
        {asked === 0 ? messages.student.yourSlides : messages.student.overall({ filled, asked })}
      </button>
      {open ? (
        <Suspense fallback={null}>
          <OverviewDialog {...overview} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}
