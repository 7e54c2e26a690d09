/** Leading: the slide the class follows, the steps from it, the notes, and a strip of all slides with who is where. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { isOpened, leadIn, type LessonState, setOpened } from '@gobrel/core/lesson';
import { type ShowState, shownStop } from '@gobrel/core/show';
import { emptyWork } from '@gobrel/core/work';
import { fittedRoom, ShowStage, useRoom } from '@gobrel/slide-view';
import { Lock, LockOpen, Users } from 'lucide-react';
import { useMemo } from 'react';
import type { LiveLesson } from '../../../shared/sync';
import { StepButtons } from '../../player';
import { useWalk, type Walk } from '../../walking';
import { Thumbnail } from '../../../shared/slides';
import { Failing, IconButton } from '../../../shared/ui';
import type { Watched } from '../../../shared/watching';
import { messages, slideName } from '../../../shared/messages';

interface LeadProps {
  readonly edition: Deck;
  readonly live: LiveLesson;
  readonly everybody: readonly Watched[];
}

export function Lead(props: LeadProps) {
  const lead = leadIn(props.edition, props.live.state);
  return lead ? <Leading {...props} lead={lead} /> : <Failing message={messages.walking.noSlides} />;
}

/** What the line around the slide takes, in CSS pixels. */
const EDGES = 2;

/** Nobody asks how a leading teacher answers. */
const allRight = { isRight: () => true, ask: () => Promise.resolve(true) };

function Leading({ edition, live: { state, change }, everybody, lead }: LeadProps & { lead: ShowState }) {
  const walk = useWalk({
    deck: edition,
    state: lead,
    work: emptyWork,
    judge: allRight,
    isFree: true,
    onMove: (next) => change(() => ({ lead: next })),
  });
  const [around, space] = useRoom<HTMLDivElement>();
  const stop = shownStop(lead);
  const room = useMemo(
    () => fittedRoom(edition, stop, { width: space.width - EDGES, height: space.height - EDGES }),
    [edition, stop, space],
  );
  const notes = edition.slides[walk.at]?.notes;
  return (
    <div className="flex flex-col gap-3">
      <p className={state.pace === 'together' ? 'font-semibold text-tide' : 'text-soft'}>
        {state.pace === 'together' ? messages.leading.isTogether : messages.leading.isOwnPace}
      </p>
      <div className="grid gap-4 xl:grid-cols-[minmax(0,1fr)_16rem]">
        <div ref={around} className="flex h-[44vh] min-h-64 items-center justify-center overflow-hidden">
          {room.width > 0 ? (
            <div className="border border-ink/70">
              <ShowStage
                deck={edition}
                stop={stop}
                room={room}
                follow={walk.follow}
                label={slideName(edition, walk.at)}
              />
            </div>
          ) : null}
        </div>
        <section aria-label={messages.show.notes}>
          <h3 className="text-sm font-semibold text-soft">{messages.show.notes}</h3>
          <p className={`max-h-[38vh] overflow-auto whitespace-pre-wrap ${notes ? '' : 'text-soft'}`}>
            {notes || messages.show.noNotes}
          </p>
        </section>
      </div>
      <div className="flex items-center gap-1">
        <StepButtons walk={walk} press={IconButton} />
        <strong className="ms-2">{slideName(edition, walk.at)}</strong>
        <span role="status" className="ms-2 font-semibold text-clay">
          {walk.notice}
        </span>
      </div>
      <SlideStrip edition={edition} state={state} change={change} walk={walk} everybody={everybody} />
    </div>
  );
}

interface StripProps {
  readonly edition: Deck;
  readonly state: LessonState;
  readonly change: LiveLesson['change'];
  readonly walk: Walk;
  readonly everybody: readonly Watched[];
}

function SlideStrip({ edition, state, change, walk, everybody }: StripProps) {
  const here = (slideId: SlideId) => everybody.filter(({ isHere, stop }) => isHere && stop?.slideId === slideId).length;
  return (
    <section aria-label={messages.leading.comesNext}>
      <ol className="flex gap-3 overflow-x-auto p-1 pb-3">
        {slidesInOrder(edition).map(({ id }) => {
          const isOpen = isOpened(state, id);
          const count = here(id);
          const name = slideName(edition, id);
          return (
            <li key={id} className="w-[136px] flex-none">
              <button
                type="button"
                aria-label={messages.leading.leadTo({ slide: name })}
                aria-current={walk.at === id}
                className="block rounded aria-[current=true]:outline aria-[current=true]:outline-[3px] aria-[current=true]:outline-offset-2 aria-[current=true]:outline-tide"
                onClick={() => walk.step({ type: 'go', slideId: id })}
              >
                <Thumbnail deck={edition} slideId={id} width={132} />
              </button>
              <span className="mt-1 flex items-center justify-between gap-1 text-sm">
                <span className="truncate font-semibold">{name}</span>
                <IconButton
                  name={messages.leading.shut({ slide: name })}
                  pressed={!isOpen}
                  onClick={() => change((now) => setOpened(edition, now, id, !isOpen))}
                >
                  {isOpen ? <LockOpen size={16} aria-hidden /> : <Lock size={16} aria-hidden />}
                </IconButton>
              </span>
              {count > 0 ? (
                <span className="flex items-center gap-1 text-sm text-soft">
                  <Users size={14} aria-hidden /> {messages.leading.here({ count })}
                </span>
              ) : null}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
