/** The board by student: a row each, with how they are, where they are and how each slide stands. */
import type { LessonMarks, LessonView, ParticipantView } from '@gobrel/contract';
import { type Deck, itemsOf, type Slide, slidesInOrder } from '@gobrel/core/deck';
import {
  addTurn,
  type Attention,
  attentionOf,
  byNeed,
  type Doing,
  fixedIn,
  needsHelp,
  type WorkMode,
} from '@gobrel/core/lesson';
import { isQuestion, type Marks, type Standing, standingOn } from '@gobrel/core/questions';
import { progressOn, progressOver } from '@gobrel/core/work';
import { ListPlus } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import type { LiveLesson } from '../../../shared/sync';
import { PointsSum } from '../../../shared/reviewing';
import { IconButton, Select } from '../../../shared/ui';
import { useNow, type Watched } from '../../../shared/watching';
import { messages, slideName } from '../../../shared/messages';
import { RemovedSeats } from './seat-menu';

interface ByStudentProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly marks: LessonMarks;
  readonly everybody: readonly Watched[];
  readonly change: LiveLesson['change'];
  readonly picked: ParticipantView | null;
  readonly onPick: (participant: ParticipantView) => void;
}

/** Somebody with how they are. */
interface Row extends Watched {
  readonly attention: Attention;
  readonly marks: Marks | undefined;
}

const orders = ['byName', 'byNeed', 'byProgress', 'byPoints'] as const;
const filters = ['all', 'needs', 'here', 'submitted', 'notSubmitted'] as const;
type Order = (typeof orders)[number];
type Filter = (typeof filters)[number];

/** How often it is looked at who does nothing, in milliseconds. */
const LOOK_EVERY = 15_000;

export function ByStudent({ lesson, edition, marks, everybody, change, picked, onPick }: ByStudentProps) {
  const [order, setOrder] = useState<Order>('byName');
  const [filter, setFilter] = useState<Filter>('all');
  const now = useNow(LOOK_EVERY);
  const asking = useMemo(
    () =>
      slidesInOrder(edition).filter((slide) =>
        itemsOf(edition, slide.id).some((item) => isQuestion(item) || item.kind === 'open-area'),
      ),
    [edition],
  );
  const rows = everybody
    .map((watched): Row => {
      const marked = marks[watched.participant.participantId ?? ''];
      return {
        ...watched,
        attention: attentionOf(doingOf(watched, lesson, edition), now),
        // Marks of an earlier state say nothing about this one.
        marks: marked?.work === watched.work ? marked.marks : undefined,
      };
    })
    .filter((row) => fits[filter](row))
    .sort(compare(order, edition));
  return (
    <>
      <div className="mb-2 flex flex-wrap items-end gap-4">
        <Select
          label={messages.watching.order}
          value={order}
          options={orders.map((value) => ({ value, name: messages.watching[value] }))}
          onChange={setOrder}
        />
        <Select
          label={messages.watching.show}
          value={filter}
          options={filters.map((value) => ({ value, name: messages.watching[value] }))}
          onChange={setFilter}
        />
      </div>
      <div className="overflow-x-auto">
        <table className="w-full border-collapse text-left">
          <caption className="spoken">{messages.board.byStudent}</caption>
          <thead>
            <tr className="border-b border-rule text-sm text-soft">
              <th scope="col" className="px-2 py-2 font-semibold">
                {messages.board.student}
              </th>
              <th scope="col" className="px-2 py-2 font-semibold">
                {messages.watching.state}
              </th>
              <th scope="col" className="px-2 py-2 font-semibold">
                {messages.board.isOn}
              </th>
              {asking.map((slide) => (
                <th key={slide.id} scope="col" className="px-2 py-2 text-center font-semibold">
                  {slideName(edition, slide.id)}
                </th>
              ))}
              <th scope="col" className="px-2 py-2 text-center font-semibold">
                {messages.board.marks}
              </th>
              <th scope="col" className="px-2 py-2">
                <span className="spoken">{messages.turns.turnList}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ participant, work, stop, attention, marks: own }) => (
              <StudentRow
                key={participant.key}
                edition={edition}
                asking={asking}
                participant={participant}
                work={work}
                slideId={stop?.slideId ?? null}
                workMode={lesson.workMode}
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
      </div>
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
      return () => 0;
    case 'byNeed':
      return (a, b) => byNeed(a.attention, b.attention);
    case 'byProgress':
      return (a, b) => progressOver(edition, b.work).filled - progressOver(edition, a.work).filled;
    case 'byPoints':
      return (a, b) => (b.marks?.points ?? -1) - (a.marks?.points ?? -1);
  }
}

interface StudentRowProps {
  readonly edition: Deck;
  readonly asking: readonly Slide[];
  readonly participant: ParticipantView;
  readonly work: Watched['work'];
  readonly slideId: string | null;
  readonly workMode: WorkMode;
  readonly state: Attention['state'];
  readonly minutes: number;
  readonly marks: Marks | undefined;
  readonly isPicked: boolean;
  readonly change: LiveLesson['change'];
  readonly onPick: (participant: ParticipantView) => void;
}

const StudentRow = memo(function StudentRow(props: StudentRowProps) {
  const { edition, asking, participant, work, slideId, workMode, marks, isPicked, change, onPick } = props;
  const isFixed = fixedIn(edition, workMode);
  const facts = { marks, at: slideId, isSubmitted: participant.submission !== null, isFixed };
  const { participantId } = participant;
  if (participantId === null) {
    return (
      <tr className="h-12 border-b border-rule text-soft">
        <th scope="row" className="px-2 font-normal">
          {participant.name}
        </th>
        <td className="px-2" colSpan={asking.length + 4}>
          {messages.board.notJoined}
        </td>
      </tr>
    );
  }
  return (
    <tr className={`h-12 border-b border-rule ${isPicked ? 'bg-card' : ''}`}>
      <th scope="row" className="px-2">
        <button
          type="button"
          className="min-h-11 text-left font-semibold hover:underline"
          aria-pressed={isPicked}
          onClick={() => onPick(participant)}
        >
          {participant.name}{' '}
          {participant.isGuest ? (
            <span className="ml-1.5 rounded border border-edge px-1.5 text-sm font-normal text-soft">
              {messages.seats.guest}
            </span>
          ) : null}
          {participant.members.length > 0 ? (
            <span className="block text-sm font-normal text-soft">
              {participant.members.map(({ name }) => name).join(', ')}
            </span>
          ) : null}
        </button>
      </th>
      <td className="px-2 text-sm">
        <StateWords {...props} />
      </td>
      <td className="px-2 text-sm">{slideId === null ? messages.board.justIn : slideName(edition, slideId)}</td>
      {asking.map((slide) => (
        <td key={slide.id} className="px-2 text-center">
          <SlideState standing={standingOn(edition, slide.id, work, facts)} />
        </td>
      ))}
      <td className="px-2 text-center tabular-nums">
        <PointsSum sum={marks} />
      </td>
      <td className="px-1 text-right">
        <IconButton
          name={messages.board.toTurnList({ name: participant.name })}
          onClick={() => change((now) => addTurn(now, participantId))}
        >
          <ListPlus size={18} aria-hidden />
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

const looks: Readonly<Record<Standing, { sign: string; tone: string }>> = {
  unseen: { sign: '–', tone: 'text-soft' },
  looking: { sign: '○', tone: 'text-soft' },
  working: { sign: '…', tone: 'text-dusk' },
  answered: { sign: '●', tone: 'text-dusk' },
  empty: { sign: '∅', tone: 'text-soft' },
  unmarked: { sign: '✎', tone: 'text-dusk' },
  right: { sign: '✓', tone: 'text-reed' },
  partly: { sign: '½', tone: 'text-amber' },
  wrong: { sign: '✕', tone: 'text-berry' },
};

function SlideState({ standing }: { standing: Standing }) {
  const { sign, tone } = looks[standing];
  return (
    <span className={`font-bold ${tone}`} title={messages.board.states[standing]}>
      <span aria-hidden>{sign}</span>
      <span className="spoken">{messages.board.states[standing]}</span>
    </span>
  );
}
