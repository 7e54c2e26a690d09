/** The class screen: a window for the projector, on any device of the teacher. It follows what the teacher steers. */
import type { LessonView } from '@gobrel/contract';
import { readableCode } from '@gobrel/contract/join-code';
import type { Deck } from '@gobrel/core/deck';
import { ledStop, type LessonState } from '@gobrel/core/lesson';
import { useQuery } from '@tanstack/react-query';
import { Maximize2, Minimize2 } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { useParams } from 'react-router';
import { JoinCard, joinAddress, joinPlace } from '../../lessons';
import { asPicture, useQrCode } from '../../../shared/qr';
import { useLesson, useSentOut } from '../../../shared/sync';
import { editionQuery, isRefusedAs, lessonQuery } from '../../../shared/api';
import { IconButton, Loading, usePageTitle, useFullScreen } from '../../../shared/ui';
import { TimeLeft } from '../../../shared/watching';
import { messages, slideName } from '../../../shared/messages';
import { LessonNotOpen } from '../lesson-not-open';
import { AnswersStage } from './answers-stage';
import { ChartStage } from './chart-stage';
import { LessonStage } from './lesson-stage';
import { TurnStage } from './turn-stage';

export function Screen() {
  const { lessonId = '' } = useParams();
  const lesson = useQuery({ ...lessonQuery(lessonId), refetchInterval: 5000 });
  const edition = useQuery(editionQuery(lessonId, lesson.data?.edition));
  const { document, state } = useLesson(lessonId, 'teacher');
  const { refetch } = lesson;
  useEffect(() => document?.onNews(() => void refetch()), [document, refetch]);
  useSentOut(document, () => void refetch());
  const failed = lesson.error ?? edition.error;
  if (failed && (!lesson.data || isRefusedAs(failed, 'lesson-deleted')))
    return <LessonNotOpen lessonId={lessonId} error={failed} onRetry={() => void refetch()} />;
  if (!lesson.data || !edition.data || !document) return <Loading what={messages.board.classScreen} />;
  return <ClassScreen lesson={lesson.data} edition={edition.data} state={state} />;
}

interface ClassScreenProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly state: LessonState;
}

function ClassScreen({ lesson, edition, state }: ClassScreenProps) {
  usePageTitle(messages.board.classScreenOf({ title: lesson.title }));
  const whole = useRef<HTMLDivElement>(null);
  const [isFull, toggleFull] = useFullScreen(whole);
  const shown =
    state.showing === null
      ? undefined
      : lesson.participants.find(({ participantId }) => participantId === state.showing);
  const stop = ledStop(edition, state);
  const isWaiting = !state.chartShown && !state.answersShown && !shown?.participantId && !stop;
  return (
    <div ref={whole} className="flex h-full flex-col bg-paper">
      {state.dark ? (
        <p className="absolute inset-0 z-20 flex items-center justify-center bg-black text-xl text-[#9a9a92]">
          {messages.leading.isDark}
        </p>
      ) : null}
      {isWaiting ? null : (
        <header>
          <h1 className="spoken">{lesson.title}</h1>
        </header>
      )}
      {state.chartShown ? (
        <ChartStage lesson={lesson} edition={edition} shown={state.chartShown} />
      ) : state.answersShown ? (
        <AnswersStage lesson={lesson} edition={edition} shown={state.answersShown} />
      ) : shown?.participantId ? (
        <TurnStage
          lesson={lesson}
          edition={edition}
          state={state}
          name={shown.name}
          participantId={shown.participantId}
        />
      ) : stop ? (
        <LessonStage edition={edition} stop={stop} />
      ) : (
        <Waiting lesson={lesson} />
      )}
      <footer className="border-t border-rule px-5 py-1 text-[2.5vw] leading-tight">
        <div role="status" className="flex min-h-12 items-center gap-4">
          {state.answersShown ? (
            <strong className="font-display">{slideName(edition, state.answersShown.slideId)}</strong>
          ) : shown ? (
            <strong className="font-display">{messages.board.shows({ name: shown.name })}</strong>
          ) : stop ? (
            <strong className="font-display">{slideName(edition, stop.slideId)}</strong>
          ) : null}
          {state.turnTime && shown ? <TimeLeft time={state.turnTime} /> : null}
          {state.applause > 0 && shown ? <span>{messages.turns.applause({ count: state.applause })}</span> : null}
          {state.countdown ? <TimeLeft time={state.countdown} className="text-[3.4vw] font-bold" /> : null}
          {lesson.held && !lesson.closedAt ? <span className="text-amber">{messages.board.isHeld}</span> : null}
          <span className="ms-auto flex items-center gap-3">
            {lesson.closedAt || isWaiting ? null : <SmallWayIn code={lesson.code} />}
            <IconButton name={isFull ? messages.show.leaveFull : messages.show.full} onClick={toggleFull}>
              {isFull ? <Minimize2 size={20} aria-hidden /> : <Maximize2 size={20} aria-hidden />}
            </IconButton>
          </span>
        </div>
      </footer>
    </div>
  );
}

/** The way in for those who come late: code and QR code. */
function SmallWayIn({ code }: { code: string }) {
  const drawing = useQrCode(joinAddress(code));
  return (
    <>
      <span className="text-end">
        <span className="block text-soft">{messages.board.goTo({ address: joinPlace() })}</span>
        <strong className="font-display">{readableCode(code)}</strong>
      </span>
      {drawing ? <img src={asPicture(drawing)} alt={messages.handOut.qr} className="size-24 flex-none" /> : null}
    </>
  );
}

/** Nobody leads: the way in, and who has arrived. */
function Waiting({ lesson }: { lesson: LessonView }) {
  const here = lesson.participants.filter(({ participantId }) => participantId !== null);
  return (
    <main className="dotted-ground flex min-h-0 flex-1 flex-col justify-center gap-[3vh] overflow-hidden p-[3vw]">
      <div>
        <p className="text-[2.5vw] text-soft">{lesson.className}</p>
        <h1 className="text-[4.4vw] leading-tight">{lesson.title}</h1>
      </div>
      {lesson.closedAt ? (
        <p className="text-[2.5vw]">{messages.board.isClosed}</p>
      ) : (
        <JoinCard code={lesson.code} large />
      )}
      <div className="flex min-h-[12vh] flex-col">
        <p className="text-[2.5vw]">
          {messages.board.joined({ joined: here.length, students: lesson.participants.length })}
        </p>
        <ul
          aria-label={messages.board.arrived}
          tabIndex={0}
          className="mt-2 flex min-h-0 flex-wrap gap-x-[1em] gap-y-1 overflow-auto text-[2.5vw] leading-snug text-soft"
        >
          {here.map(({ key, name }) => (
            <li key={key}>{name}</li>
          ))}
        </ul>
      </div>
    </main>
  );
}
