/** Everybody's version of one slide, drawn small side by side or layered; to be shown to the class without names. */
import type { LessonView } from '@gobrel/contract';
import { type Deck, sizeOf, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { leadIn, type LessonState, shuffled, withOwner } from '@gobrel/core/lesson';
import { shownSlide } from '@gobrel/core/show';
import { emptyWork, hasSeen, progressOn } from '@gobrel/core/work';
import { useFittedWidth } from '@gobrel/slide-view';
import { Presentation, Star } from 'lucide-react';
import { useState } from 'react';
import type { LiveLesson } from '../../../shared/sync';
import { Thumbnail } from '../../../shared/slides';
import { Button, Choose, Select } from '../../../shared/ui';
import { LayeredSlide, type Watched } from '../../../shared/watching';
import { messages, slideName } from '../../../shared/messages';

interface SideBySideProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly live: LiveLesson;
  readonly everybody: readonly Watched[];
}

/** Width of one of the small slides, in CSS pixels. */
const SMALL = 234;

export function SideBySide({ lesson, edition, live: { state, change }, everybody }: SideBySideProps) {
  const [chosen, setChosen] = useState<SlideId | null>(null);
  const [how, setHow] = useState<'side-by-side' | 'layered'>('side-by-side');
  const order = slidesInOrder(edition);
  const lead = leadIn(edition, state);
  const led = state.pace === 'together' && lead ? shownSlide(lead) : null;
  const asking = order.find(({ id }) => progressOn(edition, emptyWork, id).asked > 0);
  const slideId = chosen ?? led ?? asking?.id ?? order[0]?.id ?? '';
  const seen = everybody.filter(
    ({ participant, work, stop }) =>
      participant.participantId !== null &&
      (hasSeen(work, slideId) ||
        stop?.slideId === slideId ||
        // Where something was filled in somebody has been, even if the device has not yet told the way.
        progressOn(edition, work, slideId).filled > 0),
  );
  const shown = state.answersShown?.slideId === slideId ? state.answersShown : null;
  const show = () =>
    change(() => ({
      showing: null,
      chartShown: null,
      answersShown: {
        slideId,
        of: shuffled(
          seen.flatMap(({ participant }) => participant.participantId ?? []),
          Math.random,
        ),
        picked: [],
        how,
      },
    }));
  const pick = (participantId: string) =>
    change((now) => ({ answersShown: now.answersShown && withPicked(now.answersShown, participantId) }));
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-4">
        <Select
          label={messages.slides.slide}
          value={slideId}
          options={order.map(({ id }) => ({ value: id, name: slideName(edition, id) }))}
          onChange={setChosen}
        />
        <span className="w-56">
          <Choose
            label={messages.watching.how}
            value={how}
            options={[
              { value: 'side-by-side', name: messages.watching.each },
              { value: 'layered', name: messages.watching.layered },
            ]}
            onChange={setHow}
          />
        </span>
        {shown ? (
          <Button onClick={() => change(() => ({ answersShown: null }))}>{messages.watching.takeAway}</Button>
        ) : (
          <Button disabled={seen.length === 0} onClick={show}>
            <Presentation size={18} aria-hidden /> {messages.watching.toClass}
          </Button>
        )}
        <span className="text-sm text-soft" role="status">
          {shown ? messages.watching.isShown : messages.watching.toClassHint}
        </span>
      </div>
      {seen.length === 0 ? <p className="p-4 text-soft">{messages.watching.nothingYet}</p> : null}
      {how === 'layered' && seen.length > 0 ? (
        <Layers edition={edition} slideId={slideId} everybody={seen} />
      ) : (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(236px,1fr))] gap-4">
          {seen.map(({ participant, work }) => {
            const id = participant.participantId ?? '';
            const isPicked = shown?.picked.includes(id) ?? false;
            return (
              <li key={participant.key}>
                <span className={`block w-fit rounded ${isPicked ? 'outline outline-[3px] outline-tide' : ''}`}>
                  <Thumbnail
                    deck={withOwner(edition, lesson.workMode, participant.name)}
                    slideId={slideId}
                    width={SMALL}
                    work={work}
                    label={messages.slides.asHas({ slide: slideName(edition, slideId), name: participant.name })}
                  />
                </span>
                <span className="flex min-h-11 items-center justify-between gap-2">
                  <strong className="truncate">{participant.name}</strong>
                  {shown ? (
                    <Button
                      look="quiet"
                      aria-pressed={isPicked}
                      aria-label={messages.watching.pick({ name: participant.name })}
                      onClick={() => pick(id)}
                    >
                      <Star size={18} aria-hidden fill={isPicked ? 'currentColor' : 'none'} />
                    </Button>
                  ) : null}
                </span>
              </li>
            );
          })}
        </ul>
      )}
    </>
  );
}

function Layers({ edition, slideId, everybody }: { edition: Deck; slideId: SlideId; everybody: readonly Watched[] }) {
  const [around, width] = useFittedWidth<HTMLDivElement>(sizeOf(edition));
  return (
    <div ref={around} className="h-[62vh] w-full">
      {width > 0 ? (
        <LayeredSlide edition={edition} slideId={slideId} works={everybody.map(({ work }) => work)} width={width} />
      ) : null}
    </div>
  );
}

function withPicked(shown: NonNullable<LessonState['answersShown']>, participantId: string) {
  const { picked } = shown;
  return {
    ...shown,
    picked: picked.includes(participantId) ? picked.filter((id) => id !== participantId) : [...picked, participantId],
  };
}
