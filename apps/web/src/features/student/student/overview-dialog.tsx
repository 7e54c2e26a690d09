/** All slides somebody may go to, with what is missing on each, a press away. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import type { OverviewSlide, Work } from '@gobrel/core/work';
import { ChevronRight, CircleCheck, CircleDashed } from 'lucide-react';
import type { ReactNode } from 'react';
import { MediaOffline } from './media-offline';
import { Thumbnail } from '../../../shared/slides';
import { Dialog } from '../../../shared/ui';
import { listed, messages, slideName } from '../../../shared/messages';

/** What is shown of somebody's slides. */
export interface Overview {
  readonly edition: Deck;
  readonly work: Work;
  readonly slides: readonly OverviewSlide[];
  readonly at: SlideId;
  readonly progress: { readonly asked: number; readonly filled: number };
  readonly onGo: (slideId: SlideId) => void;
  /** Submits; a phone has no other place for it before the last slide. */
  readonly submit: ReactNode;
}

/** Width of a slide's picture, in CSS pixels. */
const PICTURE = 106;

export function OverviewDialog({
  edition,
  work,
  slides,
  at,
  progress,
  onGo,
  submit,
  onClose,
}: Overview & { readonly onClose: () => void }) {
  const { asked, filled } = progress;
  return (
    <Dialog title={messages.student.yourSlides} open onClose={onClose} wide>
      {asked === 0 ? null : (
        <>
          <p className="text-soft">{messages.student.answered({ filled, asked, missing: asked - filled })}</p>
          <div aria-hidden className="mt-2 h-2 overflow-hidden rounded-full bg-rule">
            <div className="h-full bg-reed says-by-length" style={{ width: `${(100 * filled) / asked}%` }} />
          </div>
        </>
      )}
      <ol className="mt-3 max-h-[62vh] overflow-y-auto">
        {slides.map((slide) => (
          <li key={slide.slideId} className="border-t border-rule">
            <button
              type="button"
              aria-current={slide.slideId === at ? 'true' : undefined}
              className={`flex min-h-20 w-full items-center gap-3 px-2 py-2 text-start hover:bg-rule/40 ${slide.slideId === at ? 'shadow-[inset_4px_0_var(--clay)]' : ''}`}
              onClick={() => {
                onClose();
                onGo(slide.slideId);
              }}
            >
              <Thumbnail deck={edition} slideId={slide.slideId} width={PICTURE} work={work} />
              <span className="min-w-0 flex-1">
                <span className="flex flex-wrap items-baseline gap-x-2">
                  <strong>{slideName(edition, slide.slideId)}</strong>
                  {slide.slideId === at ? (
                    <span className="text-sm font-semibold text-clay">{messages.student.youAreHere}</span>
                  ) : null}
                </span>
                <Missing slide={slide} />
              </span>
              <ChevronRight size={20} aria-hidden className="flex-none text-soft" />
            </button>
          </li>
        ))}
      </ol>
      <div className="mt-3 empty:hidden">
        <MediaOffline edition={edition} />
      </div>
      <div className="mt-3 flex justify-end sm:hidden">{submit}</div>
    </Dialog>
  );
}

/** What is missing on a slide: pieces by their names, the rest by its number. */
function Missing({ slide: { asked, filled, unplaced, empty } }: { slide: OverviewSlide }) {
  if (asked === 0) return <span className="block text-sm text-soft">{messages.student.nothingAsked}</span>;
  if (asked === filled)
    return (
      <span className="flex items-center gap-1.5 text-sm font-semibold text-reed">
        <CircleCheck size={16} aria-hidden className="flex-none" /> {messages.student.allAnswered({ count: asked })}
      </span>
    );
  const named = unplaced.filter((name) => name !== '');
  return (
    <span className="flex items-start gap-1.5 text-sm font-semibold text-amber">
      <CircleDashed size={16} aria-hidden className="mt-0.5 flex-none" />
      <span>
        {unplaced.length === 0 ? null : (
          <span className="block">
            {named.length === unplaced.length
              ? messages.student.unplaced({ names: listed(named) })
              : messages.student.unplacedMany({ count: unplaced.length })}
          </span>
        )}
        {empty === 0 ? null : <span className="block">{messages.student.missing({ count: empty })}</span>}
      </span>
    </span>
  );
}
