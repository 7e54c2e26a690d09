/** The work of the others, where the terms let it be seen by now. */
import type { MyLessonView } from '@gobrel/contract';
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { withOwner } from '@gobrel/core/lesson';
import { useQuery } from '@tanstack/react-query';
import { Images } from 'lucide-react';
import { useState } from 'react';
import { messageOf, othersQuery } from '../../../shared/api';
import { WideSlide } from '../../../shared/slides';
import { Button, Dialog, Failing, Loading, Select } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';

export function OthersButton({ lesson, edition }: { lesson: MyLessonView; edition: Deck }) {
  const [open, setOpen] = useState(false);
  const { others } = lesson.terms;
  const isShown = (others === 'submitted' && lesson.submission) || (others !== 'never' && lesson.review);
  if (!isShown) return null;
  return (
    <>
      <Button onClick={() => setOpen(true)}>
        <Images size={18} aria-hidden /> {messages.student.others}
      </Button>
      <Dialog title={messages.student.others} open={open} onClose={() => setOpen(false)} wide>
        {open ? <Others lesson={lesson} edition={edition} /> : null}
      </Dialog>
    </>
  );
}

function Others({ lesson, edition }: { lesson: MyLessonView; edition: Deck }) {
  const others = useQuery({ ...othersQuery, refetchOnMount: 'always' });
  const order = slidesInOrder(edition);
  const [slideId, setSlideId] = useState<SlideId>(
    order.find(({ layout }) => layout === 'class-page')?.id ?? order[0]?.id ?? '',
  );
  if (others.isError) return <Failing message={messageOf(others.error)} />;
  if (!others.data) return <Loading what={messages.student.others} />;
  return (
    <>
      <Select
        label={messages.slides.slide}
        value={slideId}
        options={order.map(({ id }) => ({ value: id, name: slideName(edition, id) }))}
        onChange={setSlideId}
      />
      {others.data.length === 0 ? <p className="mt-3 text-soft">{messages.student.noOthers}</p> : null}
      <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(min(14rem,100%),1fr))] gap-4">
        {others.data.map(({ participantId, name, work }) => (
          <li key={participantId}>
            <span className="block overflow-hidden rounded border border-ink/70">
              <WideSlide
                deck={withOwner(edition, lesson.workMode, name)}
                slideId={slideId}
                work={work}
                label={messages.slides.asHas({ slide: slideName(edition, slideId), name })}
              />
            </span>
            <strong>{name}</strong>
          </li>
        ))}
      </ul>
    </>
  );
}
