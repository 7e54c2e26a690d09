/** The board: how a lesson stands, live, and who shows their slides. */
import type { LessonView, ParticipantView } from '@gobrel/contract';
import { readableCode } from '@gobrel/contract/join-code';
import type { Deck } from '@gobrel/core/deck';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Hand, Presentation, QrCode } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Brand, SchemeButton } from '../../frame';
import { JoinCard } from '../../handing-out';
import { ask, editionQuery, lessonQuery, messageOf } from '../../server';
import { Button, Dialog, Failing, Loading, Tabs, tell } from '../../ui';
import { words } from '../../words';
import { Answers } from './answers';
import { ByStudent } from './by-student';
import { StudentPanel } from './student-panel';
import { TurnList } from './turn-list';
import { useBoardNews } from './use-board-news';

export function Screen() {
  const { lessonId = '' } = useParams();
  const lesson = useQuery(lessonQuery(lessonId));
  const edition = useQuery(editionQuery(lessonId));
  const failed = lesson.error ?? edition.error;
  if (lesson.data && edition.data) return <Board lesson={lesson.data} edition={edition.data} />;
  if (failed)
    return (
      <Failing message={messageOf(failed)} onRetry={() => void Promise.all([lesson.refetch(), edition.refetch()])} />
    );
  return <Loading what={words.lessons.lesson} />;
}

function Board({ lesson, edition }: { lesson: LessonView; edition: Deck }) {
  const queries = useQueryClient();
  const { document, marks, look } = useBoardNews(lesson.id);
  const [picked, setPicked] = useState<ParticipantView | null>(null);
  const [dialog, setDialog] = useState<'way-in' | 'close' | null>(null);
  const close = useMutation({
    mutationFn: () => ask<LessonView>('POST', `/lessons/${lesson.id}/close`),
    onSuccess: (next) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      setDialog(null);
    },
    onError: (error) => tell(messageOf(error), { tone: 'trouble' }),
  });
  const hold = useMutation({
    mutationFn: (held: boolean) => ask<LessonView>('POST', `/lessons/${lesson.id}/hold`, { held }),
    onSuccess: (next) => queries.setQueryData(lessonQuery(lesson.id).queryKey, next),
    onError: (error) => tell(messageOf(error), { tone: 'trouble' }),
  });
  const joined = lesson.participants.filter((participant) => participant.participantId !== null);
  const submitted = lesson.participants.filter((participant) => participant.submission !== null).length;
  const shown = picked ?? joined[0] ?? null;
  return (
    <div className="flex min-h-full flex-col">
      <header className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule px-4 py-1.5">
        <Link to="/lessons" aria-label={words.board.toLessons}>
          <Brand />
        </Link>
        <Link to="/lessons" className="text-sm text-soft hover:text-ink">
          {words.frame.lessons} /
        </Link>
        <h1 className="text-xl">
          {lesson.title} · {lesson.className}
        </h1>
        <span className="text-soft">{words.board.counts(joined.length, lesson.participants.length, submitted)}</span>
        <span className="ml-auto flex flex-wrap items-center gap-2">
          <SchemeButton />
          {lesson.closedAt ? (
            <span className="font-semibold text-amber">{words.lessons.isClosed}</span>
          ) : (
            <>
              <Button onClick={() => setDialog('way-in')}>
                <QrCode size={18} aria-hidden /> {readableCode(lesson.code)}
              </Button>
              <Button aria-pressed={lesson.held} disabled={hold.isPending} onClick={() => hold.mutate(!lesson.held)}>
                <Hand size={18} aria-hidden /> {lesson.held ? words.board.letGo : words.board.hold}
              </Button>
              <Button onClick={() => setDialog('close')}>{words.board.close}</Button>
            </>
          )}
          <Button
            look="main"
            onClick={() =>
              window.open(`/lessons/${lesson.id}/screen`, `screen-${lesson.id}`, 'popup,width=1280,height=800')
            }
          >
            <Presentation size={18} aria-hidden /> {words.board.classScreen}
          </Button>
        </span>
      </header>
      <main className="grid flex-1 items-start gap-6 px-4 py-3 lg:grid-cols-[minmax(0,1fr)_26rem]">
        <Tabs
          label={words.board.views}
          tabs={[
            {
              id: 'by-student',
              name: words.board.byStudent,
              content: (
                <ByStudent
                  lesson={lesson}
                  edition={edition}
                  marks={marks}
                  document={document}
                  picked={shown}
                  onPick={setPicked}
                  onLive={look}
                />
              ),
            },
            {
              id: 'answers',
              name: words.board.answers,
              content: <Answers lesson={lesson} edition={edition} marks={marks} />,
            },
          ]}
        />
        <div className="flex flex-col gap-4">
          {document ? <TurnList lesson={lesson} document={document} /> : null}
          {shown?.participantId ? (
            <StudentPanel
              key={shown.participantId}
              lesson={lesson}
              edition={edition}
              participant={shown}
              marks={marks[shown.participantId]?.marks}
              document={document}
            />
          ) : null}
        </div>
      </main>
      <Dialog title={words.handOut.wayIn} open={dialog === 'way-in'} onClose={() => setDialog(null)} wide>
        <JoinCard code={lesson.code} />
      </Dialog>
      <Dialog title={words.board.closeTitle} open={dialog === 'close'} onClose={() => setDialog(null)}>
        <p>{words.board.closeText}</p>
        <div className="mt-5 flex justify-end gap-2">
          <Button onClick={() => setDialog(null)}>{words.common.cancel}</Button>
          <Button look="danger" onClick={() => close.mutate()} disabled={close.isPending}>
            {words.board.close}
          </Button>
        </div>
      </Dialog>
    </div>
  );
}
