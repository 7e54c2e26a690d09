/** A teacher's lessons: the running ones first. */
import type { LessonSummary } from '@gobrel/contract';
import { readableCode } from '@gobrel/contract/join-code';
import { useQuery } from '@tanstack/react-query';
import { FileInput } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { TeacherPage } from '../../../app/frame';
import { lessonsQuery, messageOf } from '../../../shared/api';
import { Cover } from '../../../shared/slides';
import { Button, Empty, Failing, Loading, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { ResultsDialog } from './results-dialog';

export function Screen() {
  usePageTitle(messages.lessons.title);
  const lessons = useQuery(lessonsQuery);
  const [looking, setLooking] = useState(false);
  const running = lessons.data?.filter((lesson) => lesson.closedAt === null) ?? [];
  const closed = lessons.data?.filter((lesson) => lesson.closedAt !== null) ?? [];
  return (
    <TeacherPage>
      <div className="mb-5 flex items-center justify-between gap-4">
        <h1 className="text-3xl">{messages.lessons.title}</h1>
        <Button onClick={() => setLooking(true)}>
          <FileInput size={18} aria-hidden /> {messages.exchange.resultsFrom}
        </Button>
      </div>
      {lessons.isPending ? <Loading what={messages.lessons.title} /> : null}
      {lessons.isError ? <Failing message={messageOf(lessons.error)} onRetry={() => void lessons.refetch()} /> : null}
      {lessons.data?.length === 0 ? (
        <Empty title={messages.lessons.empty}>
          <p>{messages.lessons.emptyText}</p>
        </Empty>
      ) : null}
      <LessonRows title={messages.lessons.running} lessons={running} />
      <LessonRows title={messages.lessons.closed} lessons={closed} />
      {looking ? <ResultsDialog onClose={() => setLooking(false)} /> : null}
    </TeacherPage>
  );
}

function LessonRows({ title, lessons }: { title: string; lessons: readonly LessonSummary[] }) {
  if (lessons.length === 0) return null;
  return (
    <section className="mb-8">
      <h2 className="mb-2 text-xl">{title}</h2>
      <ul className="border-t border-rule">
        {lessons.map((lesson) => (
          <li key={lesson.id} className="border-b border-rule">
            <Link
              to={`/lessons/${lesson.id}`}
              className="flex flex-wrap items-center gap-x-5 gap-y-1 py-3 hover:bg-card"
            >
              <span className="w-32 flex-none overflow-hidden rounded border border-edge">
                <Cover deck={lesson.cover} />
              </span>
              <span className="min-w-48 flex-1">
                <span className="block font-display text-lg font-bold">{lesson.title}</span>
                <span className="text-soft">
                  {lesson.className || messages.lessons.withAnybody} ·{' '}
                  {messages.lessons.openedAt({ at: lesson.openedAt })}
                </span>
              </span>
              <span className="min-w-40">
                {messages.lessons.counts({
                  joined: lesson.joined,
                  students: lesson.students,
                  submitted: lesson.submitted,
                })}
              </span>
              <span className="w-28 font-semibold">
                {lesson.closedAt ? messages.lessons.isClosed : readableCode(lesson.code)}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
