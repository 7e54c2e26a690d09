/** The turn list: who shows now, who is next, who would like to, how long a turn takes, and what the class may do. */
import { closestCenter, DndContext } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { LessonView } from '@gobrel/contract';
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import {
  addTurn,
  type Allowed,
  dropTurn,
  endTurn,
  type LessonState,
  moveTurn,
  nextTurn,
  shuffled,
  startTurn,
  steerTurn,
} from '@gobrel/core/lesson';
import { shownStop, startShow, type Stop, stopsOf } from '@gobrel/core/show';
import {
  ChevronLeft,
  ChevronRight,
  GripVertical,
  Hand,
  Play,
  Shuffle,
  SkipForward,
  Square,
  Users,
  X,
} from 'lucide-react';
import type { LiveLesson } from '../../../shared/sync';
import { serverNow } from '../../../shared/api';
import { sortable, spokenSorting, useSortingSensors } from '../../../shared/sorting';
import { Button, IconButton, Select } from '../../../shared/ui';
import { TimeLeft, type Watched } from '../../../shared/watching';
import { messages } from '../../../shared/messages';

interface TurnListProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly everybody: readonly Watched[];
  readonly live: LiveLesson;
}

/** Times of a turn that can be chosen, in minutes; 0 for as long as it takes. */
const MINUTES = [0, 1, 2, 3, 5, 10] as const;
const permissions = ['hands', 'following', 'applause', 'questions'] as const;

export function TurnList({ lesson, edition, everybody, live: { state, change } }: TurnListProps) {
  const sensors = useSortingSensors();
  const nameOf = (id: string) => lesson.participants.find(({ participantId }) => participantId === id)?.name ?? '';
  const { turnList, hands, showing } = state;
  const all = lesson.participants.flatMap(({ participantId }) => participantId ?? []);
  const addAll = () =>
    change((now) => ({
      turnList: [...new Set([...now.turnList, ...all])].filter((id) => id !== now.showing),
      hands: [],
    }));
  const drop = (id: string, onto: string) => change((now) => moveTurn(now, id, now.turnList.indexOf(onto)));
  return (
    <section aria-label={messages.turns.turnList} className="rounded-md border border-rule bg-card p-4">
      <div className="flex items-center justify-between gap-1">
        <h2 className="text-lg">{messages.turns.turnList}</h2>
        <span className="flex">
          <IconButton name={messages.turns.addAll} onClick={addAll}>
            <Users size={18} aria-hidden />
          </IconButton>
          <IconButton
            name={messages.turns.shuffle}
            disabled={turnList.length < 2}
            onClick={() => change((now) => ({ turnList: shuffled(now.turnList, Math.random) }))}
          >
            <Shuffle size={18} aria-hidden />
          </IconButton>
          <IconButton
            name={messages.turns.next}
            disabled={turnList.length === 0}
            onClick={() => change((now) => nextTurn(now, serverNow()))}
          >
            <SkipForward size={18} aria-hidden />
          </IconButton>
        </span>
      </div>
      {showing ? (
        <Turn
          name={nameOf(showing)}
          edition={edition}
          reached={everybody.find(({ participant }) => participant.participantId === showing)?.stop ?? null}
          state={state}
          change={change}
          nameOf={nameOf}
        />
      ) : null}
      {turnList.length === 0 && !showing ? <p className="mt-1 text-soft">{messages.board.turnListEmpty}</p> : null}
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        accessibility={spokenSorting(turnList, nameOf)}
        onDragEnd={({ active, over }) => {
          if (over && over.id !== active.id) drop(String(active.id), String(over.id));
        }}
      >
        <SortableContext items={[...turnList]} strategy={verticalListSortingStrategy}>
          <ol className="mt-1">
            {turnList.map((id) => (
              <TurnEntry key={id} id={id} name={nameOf(id)} change={change} />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      {hands.length > 0 ? (
        <>
          <h3 className="mt-3 text-sm font-semibold text-soft">{messages.turns.hands}</h3>
          <ul>
            {hands.map((id) => (
              <li key={id} className="flex items-center justify-between gap-1">
                <span className="flex items-center gap-2">
                  <Hand size={16} aria-hidden className="text-dusk" /> {nameOf(id)}
                </span>
                <IconButton
                  name={messages.turns.takeHand({ name: nameOf(id) })}
                  onClick={() => change((now) => addTurn(now, id))}
                >
                  <Play size={18} aria-hidden />
                </IconButton>
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <details className="mt-2">
        <summary className="min-h-11 py-2 text-sm font-semibold text-soft">{messages.turns.allowed}</summary>
        {permissions.map((name) => (
          <label key={name} className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="size-5 accent-tide"
              checked={state.allowed[name]}
              onChange={({ target }) => change((now) => ({ allowed: allow(now.allowed, name, target.checked) }))}
            />
            {messages.turns.allow[name]}
          </label>
        ))}
        <Select
          label={messages.turns.turnTakes}
          value={String(state.turnSeconds / 60)}
          options={MINUTES.map((minutes) => ({
            value: String(minutes),
            name: minutes === 0 ? messages.turns.asLong : messages.turns.minutes({ count: minutes }),
          }))}
          onChange={(minutes) => change(() => ({ turnSeconds: Number(minutes) * 60 }))}
        />
      </details>
    </section>
  );
}

function allow(allowed: Allowed, name: keyof Allowed, isAllowed: boolean): Allowed {
  return { ...allowed, [name]: isAllowed };
}

interface TurnProps {
  readonly name: string;
  readonly edition: Deck;
  /** Where whoever shows is. */
  readonly reached: Stop | null;
  readonly state: LessonState;
  readonly change: LiveLesson['change'];
  readonly nameOf: (participantId: string) => string;
}

/** The turn that is on, with its time, applause and questions. */
function Turn({ name, edition, reached, state, change, nameOf }: TurnProps) {
  const { steeredTo } = state;
  const begin = startShow(edition);
  const from = reached ?? (begin && shownStop(begin));
  const go = (slideId: SlideId | undefined) => {
    if (slideId !== undefined) change(() => steerTurn(stopsOf(edition, slideId)[0]));
  };
  const order = slidesInOrder(edition).map(({ id }) => id);
  const place = steeredTo ? order.indexOf(steeredTo.slideId) : -1;
  return (
    <div className="mt-2 rounded-md bg-dusk-wash py-1 ps-3 pe-1 text-dusk">
      <div className="flex items-center justify-between gap-2">
        <strong>{messages.board.shows({ name })}</strong>
        {state.turnTime ? <TimeLeft time={state.turnTime} className="font-semibold" /> : null}
        <Button onClick={() => change(endTurn)}>
          <Square size={16} aria-hidden /> {messages.board.endTurn}
        </Button>
      </div>
      {steeredTo ? (
        <div className="flex flex-wrap items-center gap-1">
          <span className="flex-1">{messages.turns.isSteered}</span>
          <IconButton name={messages.board.slideBefore} disabled={place <= 0} onClick={() => go(order[place - 1])}>
            <ChevronLeft aria-hidden />
          </IconButton>
          <IconButton
            name={messages.board.slideAfter}
            disabled={place >= order.length - 1}
            onClick={() => go(order[place + 1])}
          >
            <ChevronRight aria-hidden />
          </IconButton>
          <Button onClick={() => change(() => steerTurn(null))}>{messages.turns.handBack}</Button>
        </div>
      ) : from ? (
        <Button className="my-1" onClick={() => change(() => steerTurn(from))}>
          {messages.turns.takeOver}
        </Button>
      ) : null}
      {state.applause > 0 ? <p>{messages.turns.applause({ count: state.applause })}</p> : null}
      {state.asked.length > 0 ? (
        <>
          <h3 className="mt-1 text-sm font-semibold">{messages.turns.asked}</h3>
          <ul className="max-h-40 overflow-auto pb-1 text-ink">
            {state.asked.map(({ id, participantId, text }) => (
              <li key={id}>
                <strong>{nameOf(participantId)}:</strong> {text}
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </div>
  );
}

function TurnEntry({ id, name, change }: { id: string; name: string; change: LiveLesson['change'] }) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id, attributes: sortable });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className="flex items-center justify-between gap-1 border-b border-rule bg-card last:border-b-0"
    >
      <button
        type="button"
        className="flex size-11 flex-none touch-none cursor-grab items-center justify-center"
        {...attributes}
        {...listeners}
        aria-label={messages.turns.move({ name })}
      >
        <GripVertical size={18} aria-hidden />
      </button>
      <span className="min-w-0 flex-1 truncate">{name}</span>
      <span className="flex">
        <IconButton
          name={messages.board.startTurn({ name })}
          onClick={() => change((now) => startTurn(now, id, serverNow()))}
        >
          <Play size={18} aria-hidden />
        </IconButton>
        <IconButton name={messages.board.dropTurn({ name })} onClick={() => change((now) => dropTurn(now, id))}>
          <X size={18} aria-hidden />
        </IconButton>
      </span>
    </li>
  );
}
