/** The student's screen once everything is there: the slide, the way through, what is kept, and submitting. */
import type { MyLessonView } from '@gobrel/contract';
import { type Deck, itemsOf, type SlideId } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { fixedIn, isFixed, type LessonState } from '@gobrel/core/lesson';
import { endsOfItself } from '@gobrel/core/routes';
import { isSameStop, resumeShow, type ShowState, type Stop, stopsOf } from '@gobrel/core/show';
import { type AddedContent, overviewOf, progressOver, type Work } from '@gobrel/core/work';
import { Undo2 } from 'lucide-react';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { Brand, KeptNote, SchemeButton } from '../../../app/frame';
import type { EditionHere } from '../../../shared/api';
import type { DocumentStatus, OpenDocument, StudentPlace, Zoom } from '../../../shared/sync';
import { Failing, IconButton, Loading, usePageTitle } from '../../../shared/ui';
import { type AskedToAdd, FilledInStage, FeedbackStrip, WalkFooter } from '../../walking';
import { PointerDot, TimeLeft } from '../../../shared/watching';
import { messages } from '../../../shared/messages';
import { Companions } from './companions';
import { DarkScreen } from './dark-screen';
import { FollowTurn } from './follow-turn';
import { Instructions } from './instructions';
import { LeaveButton } from './leave-button';
import { loadAddDialog } from './later-parts';
import { LedFooter } from './led-footer';
import { OthersButton } from './others-button';
import { OverviewButton } from './overview-button';
import { ReviewButton } from './review-button';
import { StillAway } from './still-away';
import { StandingNote } from './standing-note';
import { SubmitButton } from './submit-button';
import { TurnTools } from './turn-tools';
import { useAhead } from './use-ahead';
import { useChecks } from './use-checks';
import { useFillIn } from './use-fill-in';
import { useKeptOffline } from './use-kept-offline';
import { useLessonNews } from './use-lesson-news';
import { beginning, usePacedWalk } from './use-paced-walk';

/** Comes only when it is asked for: the collection of stickers and the camera are not needed before. */
const AddDialog = lazy(loadAddDialog);

/** What somebody wants to add, and what is done with it. */
interface Asked {
  readonly what: AskedToAdd;
  readonly add: (content: AddedContent) => void;
}

interface AtWorkProps {
  readonly lesson: MyLessonView;
  readonly edition: Deck;
  /** Slides that are not on this device yet. */
  readonly beyond: EditionHere['beyond'];
  readonly document: OpenDocument;
  readonly status: DocumentStatus;
  readonly work: Work;
}

export function AtWork(props: AtWorkProps) {
  const { lesson, edition, work } = props;
  const { state: lessonState, isReady } = useLessonNews(lesson);
  const isNew = work.walk.length === 0;
  // Where somebody begins may be for the teacher to say.
  if (isNew && !isReady) return <Loading what={messages.student.slides} />;
  const start = isNew ? beginning(edition, lesson, lessonState) : resumeShow(edition, work);
  if (!start) return <Failing message={messages.walking.noSlides} />;
  return <Working {...props} start={start} lessonState={lessonState} isReady={isReady} />;
}

interface WorkingProps extends AtWorkProps {
  readonly start: ShowState;
  readonly lessonState: LessonState;
  /** Whether the lesson's state is known by now. */
  readonly isReady: boolean;
}

function Working({ lesson, edition, beyond, document, status, work, start, lessonState, isReady }: WorkingProps) {
  usePageTitle(edition.title);
  const isShut = lesson.submission !== null || lesson.closedAt !== null || lesson.held || !status.writable;
  const ahead = useAhead(document, lesson.edition, beyond);
  const { walk, isLed } = usePacedWalk({
    edition,
    ahead,
    document,
    work,
    locked: isShut,
    lessonState,
    isReady,
    start,
  });
  const locked = isShut || isFixedPage(edition, lesson, walk.at);
  const { feedback, checking, check } = useChecks(lesson, document, edition, work);
  const { participantId: who } = lesson;
  const fixed = useMemo(() => fixedIn(edition, lesson.workMode), [edition, lesson.workMode]);
  const [asked, setAsked] = useState<Asked | null>(null);
  const onAsk = useCallback((what: AskedToAdd, add: Asked['add']) => setAsked({ what, add }), []);
  const { fillIn, spoken, undo, canUndo } = useFillIn({ document, edition, work, locked, who, feedback, onAsk });
  const isShowing = lessonState.showing === who;
  const [pointer, setPointer] = useState<Point | null>(null);
  const [zoom, setZoom] = useState<Zoom | null>(null);
  const [follows, setFollows] = useState(false);
  useKeptOffline(edition);

  const isGroup = lesson.members.length > 0 || lesson.owner !== lesson.name;
  const { stop } = walk;
  useEffect(() => {
    // The teacher's board and the class screen follow where this device is, and a group sees what its others point at.
    const place: StudentPlace = { stop, name: lesson.name, pointer, zoom: isShowing ? zoom : null };
    document.announce({ ...place });
  }, [document, stop, lesson.name, pointer, zoom, isShowing]);

  const slides = useMemo(() => overviewOf(edition, work, walk.at, fixed), [edition, work, walk.at, fixed]);
  const progress = useMemo(() => progressOver(edition, work, fixed), [edition, work, fixed]);
  const goTo = (slideId: SlideId) => walk.step({ type: 'go', slideId });
  const submit = (
    <SubmitButton
      lesson={lesson}
      edition={edition}
      work={work}
      document={document}
      locked={isShut}
      slides={slides}
      onGo={goTo}
    />
  );
  const overview = { edition, work, slides, at: walk.at, progress, onGo: goTo, submit };
  // Where there is nothing to go on to, what is next is to submit.
  const isLast = !isLed && lesson.submission === null && lesson.closedAt === null && isLastStop(edition, walk.stop);
  const canFollow = lessonState.showing !== null && !isShowing && lessonState.allowed.following;
  if (canFollow && follows)
    return (
      <FollowTurn
        lesson={lesson}
        edition={edition}
        ahead={ahead}
        state={lessonState}
        onLeave={() => setFollows(false)}
      />
    );
  return (
    <div className="flex h-full flex-col">
      {lessonState.dark ? <DarkScreen /> : null}
      <header className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule px-3 py-1.5">
        <span className="hidden sm:block">
          <Brand />
        </span>
        <div className="min-w-2/5 flex-1 sm:contents">
          <h1 className="truncate font-sans text-lg">{edition.title}</h1>
          <p className="truncate text-sm text-soft sm:text-[1em]">
            {[lesson.owner === lesson.name ? '' : lesson.owner, lesson.name, lesson.className]
              .filter(Boolean)
              .join(' · ')}
          </p>
          {lesson.terms.dueAt !== null && !lesson.submission ? (
            <p className="text-sm text-soft sm:order-1 sm:text-[1em]">
              {messages.student.due({ at: lesson.terms.dueAt })}
            </p>
          ) : null}
        </div>
        <span className="hidden sm:block">
          <OverviewButton {...overview} />
        </span>
        {lessonState.countdown ? <TimeLeft time={lessonState.countdown} className="text-lg font-bold" /> : null}
        <span className="ms-auto flex items-center gap-2">
          <KeptNote kept={status.kept} />
          <SchemeButton />
          <OthersButton lesson={lesson} edition={edition} />
          <ReviewButton lesson={lesson} edition={edition} work={work} />
          {isLast ? null : <span className="hidden sm:block">{submit}</span>}
          <LeaveButton name={lesson.name} />
        </span>
      </header>
      <StandingNote lesson={lesson} isShowing={isShowing} isOver={!status.writable} />
      <TurnTools
        lesson={lesson}
        state={lessonState}
        zoom={zoom}
        onZoom={setZoom}
        onFollow={canFollow ? () => setFollows(true) : null}
      />
      <Instructions lesson={lesson} isFirst={start.walk[0].slideId === walk.at} />
      {ahead.isHere(walk.at) ? (
        <FilledInStage
          edition={edition}
          walk={walk}
          fillIn={fillIn}
          isFixed={fixed}
          over={
            isGroup ? (
              <Companions document={document} edition={edition} slideId={walk.at} />
            ) : (
              <PointerDot edition={edition} pointer={isShowing ? pointer : null} />
            )
          }
          onPoint={isGroup || isShowing ? setPointer : undefined}
        />
      ) : (
        <StillAway key={walk.at} slideId={walk.at} ahead={ahead} />
      )}
      <FeedbackStrip
        key={walk.at}
        edition={edition}
        slideId={walk.at}
        work={work}
        feedback={feedback}
        locked={locked}
        checking={checking}
        onCheck={check}
      />
      {isLed ? (
        <LedFooter
          edition={edition}
          walk={walk}
          fillIn={fillIn}
          isFixed={fixed}
          overview={<OverviewButton {...overview} isTrail />}
        >
          <UndoButton canUndo={canUndo && !locked} onUndo={undo} />
        </LedFooter>
      ) : (
        <WalkFooter
          edition={edition}
          walk={walk}
          fillIn={fillIn}
          isFixed={fixed}
          instead={isLast ? submit : null}
          overview={<OverviewButton {...overview} isTrail />}
        >
          <UndoButton canUndo={canUndo && !locked} onUndo={undo} />
        </WalkFooter>
      )}
      {asked ? (
        <Suspense fallback={null}>
          <AddDialog what={asked.what} onAdd={asked.add} onClose={() => setAsked(null)} />
        </Suspense>
      ) : null}
      <p aria-live="assertive" className="spoken">
        {spoken}
      </p>
    </div>
  );
}

function UndoButton({ canUndo, onUndo }: { canUndo: boolean; onUndo: () => void }) {
  return (
    <IconButton name={messages.common.undo} disabled={!canUndo} onClick={onUndo}>
      <Undo2 size={20} aria-hidden />
    </IconButton>
  );
}

/** Whether a page stays as it is for students: instruction and samples of a class deck. */
function isFixedPage(edition: Deck, { workMode }: MyLessonView, slideId: string): boolean {
  return itemsOf(edition, slideId).some(({ id }) => isFixed(edition, workMode, id));
}

/** Whether a walk ends here: on a slide that is an ending, or that nothing follows, with all of it shown. */
function isLastStop(edition: Deck, stop: Stop): boolean {
  const { slideId } = stop;
  if (!isSameStop(stopsOf(edition, slideId).at(-1) ?? stop, stop)) return false;
  return edition.slides[slideId]?.ending === true || endsOfItself(edition, slideId) === 'order';
}
