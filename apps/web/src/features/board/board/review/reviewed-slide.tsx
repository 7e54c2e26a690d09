/** A student's slide with the comments on it: written, spoken, with a sticker, to the slide or to a spot. */
import type { ParticipantView } from '@gobrel/contract';
import { type Deck, newId, type SlideId, sizeOf } from '@gobrel/core/deck';
import type { Marks } from '@gobrel/core/questions';
import { dropComment, type Praise, praises, type Review, type ReviewComment, setComment } from '@gobrel/core/review';
import type { Recording, Work } from '@gobrel/core/work';
import { SlideView, useFittedWidth, useRecorder } from '@gobrel/slide-view';
import { Mic, Square, Trash2 } from 'lucide-react';
import { type MouseEvent, type RefObject, useState } from 'react';
import { PraiseSign, Said, Spots } from '../../../../shared/reviewing';
import { Button, IconButton, showToast } from '../../../../shared/ui';
import { duration, messages, slideName } from '../../../../shared/messages';
import { DRAFT } from './use-review-keys';

interface ReviewedSlideProps {
  readonly edition: Deck;
  readonly slideId: SlideId;
  readonly participant: ParticipantView;
  readonly work: Work;
  readonly marks: Marks;
  readonly review: Review;
  /** The field in which a comment is written. */
  readonly field: RefObject<HTMLTextAreaElement | null>;
  readonly onReview: (review: Review) => void;
}

/** The longest spoken comment, in seconds. */
const LONGEST = 60;

export function ReviewedSlide(props: ReviewedSlideProps) {
  const { edition, slideId, participant, work, marks, review, field, onReview } = props;
  const says = messages.reviewing;
  const size = sizeOf(edition);
  const [around, width] = useFittedWidth<HTMLDivElement>(size);
  const [spot, setSpot] = useState<ReviewComment['spot']>(null);
  const here = review.comments.filter((comment) => comment.slideId === slideId);
  // With the press over, so that the field keeps the focus and what is typed goes there.
  const place = (event: MouseEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
    setSpot({ x: Math.round(x * size.width), y: Math.round(y * size.height) });
    field.current?.focus();
  };
  const add = (said: Pick<ReviewComment, 'text' | 'praise' | 'spoken'>) => {
    onReview(setComment(review, { id: newId(), slideId, spot, ...said }));
    setSpot(null);
  };
  const marked = spot ? [{ id: 'new', slideId, spot, text: '', praise: null, spoken: null }] : [];
  return (
    <div className="flex min-w-0 flex-col gap-2">
      <div ref={around} className="w-full flex-none" style={{ aspectRatio: size.width / size.height }}>
        <div
          className="relative cursor-crosshair overflow-hidden border border-ink/70"
          style={{ width, height: (width * size.height) / size.width }}
          onClick={place}
        >
          {width > 0 ? (
            <SlideView
              deck={edition}
              slideId={slideId}
              width={width}
              work={work}
              marks={marks}
              label={messages.board.slideOf({ slide: slideName(edition, slideId), name: participant.name })}
            />
          ) : null}
          <Spots edition={edition} slideId={slideId} comments={[...here, ...marked]} />
        </div>
      </div>
      <ol aria-label={says.comments}>
        {here.map((comment, at) => (
          <li key={comment.id} className="flex items-center gap-2 border-b border-rule py-1">
            <span className="w-6 flex-none text-center font-bold text-berry">{at + 1}</span>
            <Said comment={comment} />
            <IconButton name={says.dropComment} onClick={() => onReview(dropComment(review, comment.id))}>
              <Trash2 size={18} aria-hidden />
            </IconButton>
          </li>
        ))}
      </ol>
      <NewComment field={field} isAtSpot={spot !== null} onAdd={add} />
    </div>
  );
}

interface NewCommentProps {
  readonly field: RefObject<HTMLTextAreaElement | null>;
  readonly isAtSpot: boolean;
  readonly onAdd: (said: { text: string; praise: Praise | null; spoken: Recording | null }) => void;
}

function NewComment({ field, isAtSpot, onAdd }: NewCommentProps) {
  const says = messages.reviewing;
  const [text, setText] = useState('');
  const recorder = useRecorder({
    longest: LONGEST,
    onRecorded: (spoken) => onAdd({ text: '', praise: null, spoken }),
    onFailed: () => showToast(says.noMicrophone, { tone: 'trouble' }),
  });
  const keep = () => {
    if (text.trim() === '') return;
    onAdd({ text: text.trim(), praise: null, spoken: null });
    setText('');
  };
  return (
    <form
      {...(isAtSpot || text.trim() !== '' ? { [DRAFT]: '' } : {})}
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <label className="min-w-60 flex-1">
        <span className="text-sm font-semibold">
          {says.comment} {isAtSpot ? <span className="font-normal text-soft">{says.atSpot}</span> : null}
        </span>
        <textarea
          ref={field}
          rows={2}
          maxLength={2000}
          placeholder={isAtSpot ? undefined : says.spot}
          value={text}
          className="w-full rounded-md border border-edge bg-card px-3 py-2"
          onChange={({ target }) => setText(target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Escape') event.currentTarget.blur();
            if (event.key === 'Enter' && !event.shiftKey) {
              event.preventDefault();
              keep();
            }
          }}
        />
      </label>
      <Button type="submit" disabled={text.trim() === ''}>
        {says.addComment}
      </Button>
      {recorder.seconds === null ? (
        <IconButton name={says.speak} onClick={() => void recorder.start()}>
          <Mic size={20} aria-hidden />
        </IconButton>
      ) : (
        <Button onClick={recorder.stop}>
          <Square size={18} aria-hidden /> {says.stop} {duration(Math.round(recorder.seconds))}
        </Button>
      )}
      <span role="group" aria-label={says.praise} className="flex">
        {praises.map((praise) => (
          <button
            key={praise}
            type="button"
            className="inline-flex size-11 items-center justify-center rounded-md hover:bg-rule/50"
            onClick={() => onAdd({ text: '', praise, spoken: null })}
          >
            <PraiseSign praise={praise} size={18} />
          </button>
        ))}
      </span>
    </form>
  );
}
