/** The board by student: a row each, with how they are and their trail over the slides. */
import type { LessonMarks, LessonView, ParticipantView } from '@gobrel/contract';
import type { Deck, SlideId } from '@gobrel/core/deck';
import { addTurn, type Attention, attentionOf, byNeed, type Doing, fixedIn, needsHelp } from '@gobrel/core/lesson';
import type { Marks, Standing } from '@gobrel/core/questions';
import { progressOn, progressOver } from '@gobrel/core/work';
import { ListPlus } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import type { LiveLesson } from '../../../shared/sync';
import { PointsSum } from '../../../shared/reviewing';
import { IconButton, Select } from '../../../shared/ui';
import { useNow, type Watched } from '../../../shared/watching';
import { inOrder, messages } from '../../../shared/messages';
import { classOn, type ClassOnSlide, ClassTrails, type TrailSlide, trailSlides } from './class-trail';
import { RemovedSeats } from './seat-menu';
import { TrailHead } from './trail-head';
import { TrailCell, TrailLegend } from './trail-marks';

interface ByStudentProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly marks: LessonMarks;
  readonly everybody: readonly Watched[];
  /** Who is seen, and in which order. */
  readonly seen: Seen;
  readonly change: LiveLesson['change'];
  readonly picked: ParticipantView | null;
  readonly onPick: (participant: ParticipantView) => void;
}

/** Somebody with how they are. */
interface Row extends Watched {
  readonly attention: Attention;
  readonly marks: Marks | undefined;
  /** The slide they are on. */
  readonly at: SlideId | null;
  /** How each slide stands for them. */
  readonly standings: readonly Standing[];
}

const NOTHING_DONE: ClassOnSlide = { here: 0, right: 0, partly: 0, wrong: 0, answered: 0 };

/** Pictures of so many slides have room over their columns. */
const PICTURED = 8;

const orders = ['byNeed', 'byName', 'byProgress', 'byPoints'] as const;
const filters = ['all', 'needs', 'here', 'submitted', 'notSubmitted'] as const;
type Order = (typeof orders)[number];
type Filter = (typeof filters)[number];

/** Who is seen on the board, and in which order. */
export interface Seen {
  readonly order: Order;
  readonly filter: Filter;
}

/** How the board begins: whoever needs help first. */
export const seenAtFirst: Seen = { order: 'byNeed', filter: 'all' };

/** Chooses who is seen, and in which order. */
export function SeenFields({ seen, onChange }: { readonly seen: Seen; readonly onChange: (seen: Seen) => void }) {
  return (
    <>
      <Select
        label={messages.watching.order}
        bare
        value={seen.order}
        options={orders.map((value) => ({ value, name: messages.watching[value] }))}
        onChange={(order) => onChange({ ...seen, order })}
      />
      <Select
        label={messages.watching.show}
        bare
        value={seen.filter}
        options={filters.map((value) => ({ value, name: messages.watching[value] }))}
        onChange={(filter) => onChange({ ...seen, filter })}
      />
    </>
  );
}

/** A class of more than so many has lower rows, so that all of it is in sight on a large screen. */
const LOW_ROWS_OVER = 24;

/** How often it is looked at who does nothing, in milliseconds. */
const LOOK_EVERY = 15_000;

export function ByStudent({ lesson, edition, marks, everybody, seen, change, picked, onPick }: ByStudentProps) {
  const { order, filter } = seen;
  const now = useNow(LOOK_EVERY);
  const slides = useMemo(() => trailSlides(edition), [edition]);
  const [trails] = useState(() => new ClassTrails());
  const isFixed = useMemo(() => fixedIn(edition, lesson.workMode), [edition, lesson.workMode]);
  const all = everybody.map((watched): Row => {
    const { participant, work, stop } = watched;
    const marked = marks[participant.participantId ?? ''];
    // Marks of an earlier state say nothing about this one.
    const own = marked?.work === work ? marked.marks : undefined;
    const at = stop?.slideId ?? null;
    const walker = { key: participant.key, work, marks: own, at, isSubmitted: participant.submission !== null };
    return {
      ...watched,
      attention: attentionOf(doingOf(watched, lesson, edition), now),
      marks: own,
      at,
      standings: trails.of(edition, slides, walker, isFixed),
    };
  });
  const done = classOn(
    slides,
    all.filter(({ participant }) => participant.participantId !== null),
  );
  const rows = all.filter((row) => fits[filter](row)).sort(compare(order, edition));
  return (
    <>
      <table className="w-full border-collapse text-start">
        <caption className="spoken">{messages.board.byStudent}</caption>
        <thead className="sticky top-0 z-10 bg-paper">
          <tr className="text-sm text-soft shadow-[inset_0_-1px_var(--edge)]">
            <th scope="col" className="px-2 pb-1 align-bottom text-xs font-semibold">
              {messages.board.student}
            </th>
            <th scope="col" className="px-2 pb-1 align-bottom text-xs font-semibold">
              {messages.watching.state}
            </th>
            {slides.map((on, index) => (
              <TrailHead
                key={on.slide.id}
                edition={edition}
                on={on}
                done={done[index] ?? NOTHING_DONE}
                students={all.length}
                pictured={slides.length <= PICTURED}
              />
            ))}
            <th scope="col" className="px-2 pb-1 text-end align-bottom text-xs font-semibold">
              {messages.board.marks}
            </th>
            <th scope="col" className="p-0">
              <span className="spoken">{messages.turns.turnList}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ participant, attention, marks: own, at, standings }) => (
            <StudentRow
              key={participant.key}
              slides={slides}
              isLow={all.length > LOW_ROWS_OVER}
              participant={participant}
              at={at}
              standings={standings}
              state={attention.state}
              minutes={'minutes' in attention ? attention.minutes : 0}
              marks={own}
              isPicked={picked?.key === participant.key}
              change={change}
              onPick={onPick}
            />
          ))}
        </tbody>
      </table>
      {rows.length === 0 && lesson.participants.length > 0 ? (
        <p className="p-3 text-soft">{messages.watching.nobody}</p>
      ) : null}
      <TrailLegend />
      <RemovedSeats lesson={lesson} />
    </>
  );
}

function doingOf(watched: Watched, { closedAt, workMode }: LessonView, edition: Deck): Doing {
  const { participant, work, stop, isHere, wasHere, activeAt, onSlideSince } = watched;
  const progress = stop && progressOn(edition, work, stop.slideId, fixedIn(edition, workMode));
  return {
    hasJoined: participant.participantId !== null,
    isHere,
    wasHere,
    isClosed: closedAt !== null,
    hasSubmitted: participant.submission !== null,
    activeAt,
    onSlideSince,
    slideId: stop?.slideId ?? null,
    isSomethingEmpty: progress !== null && progress.filled < progress.asked,
  };
}

const fits: Readonly<Record<Filter, (row: Row) => boolean>> = {
  all: () => true,
  needs: ({ attention }) => needsHelp(attention),
  here: ({ isHere }) => isHere,
  submitted: ({ participant }) => participant.submission !== null,
  notSubmitted: ({ participant }) => participant.submission === null,
};

function compare(order: Order, edition: Deck): (a: Row, b: Row) => number {
  switch (order) {
    case 'byName':
      return (a, b) => inOrder(a.participant.name, b.participant.name);
    case 'byNeed':
      return (a, b) => byNeed(a.attention, b.attention);
    case 'byProgress':
      return (a, b) => progressOver(edition, b.work).filled - progressOver(edition, a.work).filled;
    case 'byPoints':
      return (a, b) => (b.marks?.points ?? -1) - (a.marks?.points ?? -1);
  }
}

interface StudentRowProps {
  readonly slides: readonly TrailSlide[];
  /** Whether its row is low. */
  readonly isLow: boolean;
  readonly participant: ParticipantView;
  readonly at: SlideId | null;
  readonly standings: readonly Standing[];
  readonly state: Attention['state'];
  readonly minutes: number;
  readonly marks: Marks | undefined;
  readonly isPicked: boolean;
  readonly change: LiveLesson['change'];
  readonly onPick: (participant: ParticipantView) => void;
}

const StudentRow = memo(function StudentRow(props: StudentRowProps) {
  const { slides, isLow, participant, at, standings, state, marks, isPicked, change, onPick } = props;
  const { participantId } = participant;
  const height = isLow ? 'h-[27px]' : 'h-[30px]';
  if (participantId === null) {
    return (
      <tr className={`${height} border-b border-rule text-sm text-soft pointer-coarse:h-11`}>
        <th scope="row" className="px-2 font-normal">
          {participant.name}
        </th>
        <td className="px-2" colSpan={slides.length + 3}>
          {messages.board.notJoined}
        </td>
      </tr>
    );
  }
  const isReached = (index: number) => standings[index] !== 'unseen' || at === slides[index]?.slide.id;
  const ground = isPicked
    ? 'bg-card shadow-[inset_3px_0_var(--dusk)]'
    : state === 'stuck' || state === 'idle'
      ? 'bg-amber/10'
      : '';
  return (
    <tr className={`${height} border-b border-rule text-sm pointer-coarse:h-11 ${ground}`}>
      <th scope="row" className="px-2">
        <button
          type="button"
          className="min-h-6 text-start font-semibold hover:underline pointer-coarse:min-h-11"
          aria-pressed={isPicked}
          onClick={() => onPick(participant)}
        >
          {participant.name}{' '}
          {participant.isGuest ? (
            <span className="ms-1.5 rounded border border-edge px-1.5 text-xs font-normal text-soft">
              {messages.seats.guest}
            </span>
          ) : null}
          {participant.members.length > 0 ? (
            <span className="block text-xs font-normal text-soft">
              {participant.members.map(({ name }) => name).join(', ')}
            </span>
          ) : null}
        </button>
      </th>
      <td className="px-2 whitespace-nowrap">
        <StateWords {...props} />
      </td>
      {slides.map(({ slide, asks }, index) => (
        <TrailCell
          key={slide.id}
          standing={standings[index] ?? 'unseen'}
          asks={asks}
          isHere={at === slide.id}
          before={index === 0 ? null : isReached(index)}
          after={index === slides.length - 1 ? null : isReached(index + 1)}
        />
      ))}
      <td className="px-2 text-end whitespace-nowrap tabular-nums">
        <PointsSum sum={marks} short />
      </td>
      <td className="p-0 text-end">
        <IconButton
          name={messages.board.toTurnList({ name: participant.name })}
          className="!h-6 !w-7 pointer-coarse:!size-11"
          onClick={() => change((now) => addTurn(now, participantId))}
        >
          <ListPlus size={17} aria-hidden />
        </IconButton>
      </td>
    </tr>
  );
});

/** How somebody is, in words. */
function StateWords({ participant, state, minutes }: Pick<StudentRowProps, 'participant' | 'state' | 'minutes'>) {
  const says = messages.watching.states;
  switch (state) {
    case 'idle':
    case 'stuck':
      return <strong className="text-amber">{says[state]({ minutes })}</strong>;
    case 'offline':
      return <span className="text-amber">{says.offline}</span>;
    case 'submitted':
      return (
        <strong className="text-reed">
          {says.submitted}
          {participant.submission?.late ? ` (${messages.reviewing.late})` : ''}
        </strong>
      );
    case 'working':
    case 'away':
    case 'over':
    case 'absent':
      return says[state];
  }
}
