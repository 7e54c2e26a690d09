/** What the teacher said to a student's work, once it is released: mark, comments, what changed between tries. */
import type { MyLessonView } from '@gobrel/contract';
import { type Deck, nameOf } from '@gobrel/core/deck';
import type { Work } from '@gobrel/core/work';
import { MessageSquareText } from 'lucide-react';
import { useState } from 'react';
import { Said, Spots } from '../../../shared/reviewing';
import { WideSlide } from '../../../shared/slides';
import { Button, Dialog } from '../../../shared/ui';
import { messages, pointsInWords, reasonInWords, slideName } from '../../../shared/messages';

interface ReviewButtonProps {
  readonly lesson: MyLessonView;
  readonly edition: Deck;
  readonly work: Work;
}

/** The most a slide is made wide in the review, in CSS pixels. */
const WIDEST = 640;

export function ReviewButton({ lesson, edition, work }: ReviewButtonProps) {
  const [open, setOpen] = useState(false);
  const { review } = lesson;
  if (!review) return null;
  const says = messages.reviewing;
  const slides = [...new Set(review.comments.map(({ slideId }) => slideId))].filter((id) => edition.slides[id]);
  const marked = Object.entries(review.marks?.items ?? {}).filter(([id]) => edition.items[id]);
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <MessageSquareText size={18} aria-hidden /> {says.look}
      </Button>
      <Dialog title={says.yours} open={open} onClose={() => setOpen(false)} wide>
        {review.marks ? <p className="text-lg font-bold">{pointsInWords(review.marks)}</p> : null}
        {review.changed.length > 0 ? (
          <p className="text-dusk">{says.changed({ count: review.changed.length })}</p>
        ) : null}
        {slides.length === 0 ? <p className="text-soft">{says.none}</p> : null}
        {slides.map((slideId) => {
          const here = review.comments.filter((comment) => comment.slideId === slideId);
          return (
            <section key={slideId} className="mt-4">
              <h3 className="text-lg">{says.onSlide({ slide: slideName(edition, slideId) })}</h3>
              <span className="my-2 block border border-ink/70" style={{ maxWidth: WIDEST }}>
                <WideSlide deck={edition} slideId={slideId} work={work} label={slideName(edition, slideId)}>
                  <Spots edition={edition} slideId={slideId} comments={here} />
                </WideSlide>
              </span>
              <ol>
                {here.map((comment, at) => (
                  <li key={comment.id} className="flex items-center gap-2 border-b border-rule py-1">
                    <span className="w-6 flex-none text-center font-bold text-berry">{at + 1}</span>
                    <Said comment={comment} />
                  </li>
                ))}
              </ol>
            </section>
          );
        })}
        {marked.length > 0 ? (
          <ul className="mt-4">
            {marked.map(([id, mark]) => {
              const item = edition.items[id];
              return item ? (
                <li key={id} className="border-b border-rule py-1">
                  <strong>{nameOf(item) || messages.kinds[item.kind]}</strong>{' '}
                  {mark.verdict === 'unmarked'
                    ? messages.onSlides.verdicts.unmarked
                    : messages.onSlides.points({ points: mark.points, outOf: mark.outOf })}{' '}
                  {review.changed.includes(id) ? (
                    <span className="text-dusk">· {says.changed({ count: 1 })}</span>
                  ) : null}
                  {mark.byTeacher && reasonInWords(mark.why) ? (
                    <span className="block">{says.teacherSays({ why: reasonInWords(mark.why) })}</span>
                  ) : null}
                </li>
              ) : null;
            })}
          </ul>
        ) : null}
      </Dialog>
    </>
  );
}
