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
import { Button, Empty, Failing, Loading } from '../../../shared/ui';
import { words } from '../../../shared/messages';
import { ResultsDialog } from './results-dialog';

export function Screen() {
  const lessons = useQuery(lessonsQuery);
  const [looking, setLooking] = useState(false);
  const running = lessons.data?.filter((lesson) => lesson.closedAt === null) ?? [];
  const closed = lessons.data?.filter((lesson) => lesson.closedAt !== null) ?? [];
  return (
    <TeacherPage>
      <div className="mb-5 flex items-center justify-between gap-4">
        <h1 className="text-3xl">{words.lessons.title}</h1>
        <Button onClick={() => setLooking(true)}>
          <FileInput size={18} aria-hidden /> {words.exchange.resultsFrom}
        </Button>
      </div>
      {lessons.isPending ? <Loading what={words.lessons.title} /> : null}
      {lessons.isError ? <Failing message={messageOf(lessons.error)} onRetry={() => void lessons.refetch()} /> : null}
      {lessons.data?.length === 0 ? (
        <Empty title={words.lessons.empty}>
          <p>{words.lessons.emptyText}</p>
        </Empty>
      ) : null}
      <LessonRows title={words.lessons.running} lessons={running} />
      <LessonRows title={words.lessons.closed} lessons={closed} />
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
                <span className="text-soft">{words.lessons.facts(lesson.className, lesson.openedAt)}</span>
              </span>
              <span className="min-w-40">{words.lessons.counts(lesson.joined, lesson.students, lesson.submitted)}</span>
              <span className="w-28 font-semibold">
                {lesson.closedAt ? words.lessons.isClosed : readableCode(lesson.code)}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
