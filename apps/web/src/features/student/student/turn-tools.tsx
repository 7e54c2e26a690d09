/** What a student can do about turns: raise a hand, follow, applaud, ask; look closely and point while they show. */
import type { MyLessonView } from '@gobrel/contract';
import type { LessonState } from '@gobrel/core/lesson';
import { useMutation } from '@tanstack/react-query';
import { Hand, MonitorPlay, PartyPopper, Send, ZoomIn, ZoomOut } from 'lucide-react';
import { useState } from 'react';
import type { Zoom } from '../../../shared/sync';
import { ask, messageOf } from '../../../shared/api';
import { Button, IconButton, showToast } from '../../../shared/ui';
import { TimeLeft } from '../../../shared/watching';
import { messages } from '../../../shared/messages';

interface TurnToolsProps {
  readonly lesson: MyLessonView;
  readonly state: LessonState;
  readonly zoom: Zoom | null;
  readonly onZoom: (zoom: Zoom | null) => void;
  /** `null` where the turn cannot be followed on this device. */
  readonly onFollow: (() => void) | null;
}

/** How much larger each press makes what is looked at. */
const CLOSER = 1.6;

export function TurnTools({ lesson, state, zoom, onZoom, onFollow }: TurnToolsProps) {
  const { participantId } = lesson;
  const isShowing = state.showing === participantId;
  const isUp = state.hands.includes(participantId);
  const isListed = state.turnList.includes(participantId);
  const signal = useSignal();
  const canRaise = state.allowed.hands && !isShowing && !isListed && lesson.closedAt === null;
  if (!isShowing && !canRaise && !isUp && !isListed && !onFollow) return null;
  return (
    <section aria-label={messages.turns.turnList}>
      <div
        role="toolbar"
        aria-label={messages.turns.turnList}
        className="flex flex-wrap items-center gap-2 border-b border-rule bg-card px-3 py-1"
      >
        {isShowing ? (
          <>
            {state.turnTime ? <TimeLeft time={state.turnTime} className="font-semibold" /> : null}
            {state.steeredTo ? <span className="text-amber">{messages.turns.steered}</span> : null}
            <IconButton
              name={messages.student.closer}
              onClick={() => onZoom({ x: 0.5, y: 0.5, ...zoom, times: Math.min(6, (zoom?.times ?? 1) * CLOSER) })}
            >
              <ZoomIn size={20} aria-hidden />
            </IconButton>
            <IconButton name={messages.student.wholeSlide} disabled={zoom === null} onClick={() => onZoom(null)}>
              <ZoomOut size={20} aria-hidden />
            </IconButton>
            {zoom ? <Nudge zoom={zoom} onZoom={onZoom} /> : null}
            <span className="text-sm text-soft">{messages.student.pointingHint}</span>
          </>
        ) : null}
        {isListed ? <span>{messages.turns.listed}</span> : null}
        {isUp ? (
          <>
            <span>{messages.turns.raised}</span>
            <Button onClick={() => signal.mutate({ hand: false })}>{messages.turns.lower}</Button>
          </>
        ) : canRaise ? (
          <Button onClick={() => signal.mutate({ hand: true })}>
            <Hand size={18} aria-hidden /> {messages.turns.raise}
          </Button>
        ) : null}
        {onFollow ? (
          <Button onClick={onFollow}>
            <MonitorPlay size={18} aria-hidden /> {messages.turns.follow}
          </Button>
        ) : null}
        {state.showing !== null && !isShowing ? <Audience state={state} /> : null}
      </div>
    </section>
  );
}

/** Moves what is looked at closely, in steps. */
function Nudge({ zoom, onZoom }: { zoom: Zoom; onZoom: (zoom: Zoom) => void }) {
  const step = 0.2 / zoom.times + 0.05;
  const move = (dx: number, dy: number) => {
    const within = (value: number) => Math.min(1, Math.max(0, value));
    onZoom({ ...zoom, x: within(zoom.x + dx), y: within(zoom.y + dy) });
  };
  return (
    <>
      {(
        [
          ['←', -step, 0],
          ['→', step, 0],
          ['↑', 0, -step],
          ['↓', 0, step],
        ] as const
      ).map(([sign, dx, dy]) => (
        <IconButton key={sign} name={messages.student.lookTo[sign]} onClick={() => move(dx, dy)}>
          <span aria-hidden>{sign}</span>
        </IconButton>
      ))}
    </>
  );
}

/** What the class may do while somebody shows. */
export function Audience({ state: { allowed } }: { state: LessonState }) {
  const signal = useSignal();
  const [question, setQuestion] = useState('');
  return (
    <>
      {allowed.applause ? (
        <Button onClick={() => signal.mutate({ applause: true })}>
          <PartyPopper size={18} aria-hidden /> {messages.turns.clap}
        </Button>
      ) : null}
      {allowed.questions ? (
        <form
          className="flex min-w-48 flex-1 items-center gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            if (question.trim() === '') return;
            signal.mutate({ question }, { onSuccess: () => showToast(messages.turns.askedIt) });
            setQuestion('');
          }}
        >
          <input
            aria-label={messages.turns.question}
            placeholder={messages.turns.question}
            maxLength={300}
            value={question}
            className="min-h-11 min-w-0 flex-1 rounded-md border border-edge bg-paper px-3"
            onChange={({ target }) => setQuestion(target.value)}
          />
          <Button type="submit" disabled={question.trim() === ''}>
            <Send size={18} aria-hidden /> {messages.turns.ask}
          </Button>
        </form>
      ) : null}
    </>
  );
}

interface SignalFields {
  readonly hand?: boolean;
  readonly applause?: boolean;
  readonly question?: string;
}

function useSignal() {
  return useMutation({
    mutationFn: (signal: SignalFields) => ask('POST', '/my-lesson/signals', signal),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
}
