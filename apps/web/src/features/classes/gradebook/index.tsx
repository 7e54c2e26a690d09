/** The gradebook of a class: everybody's share of the points over its lessons, with charts, and as a table to take out. */
import type { GradebookView } from '@gobrel/contract';
import { meanOfLesson, meanOfStudent, meanShare, shareOf } from '@gobrel/core/review';
import { gradebookCsv } from '@gobrel/core/formats';
import { useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { TeacherPage } from '../../../app/frame';
import { saveText } from '../../../shared/downloads';
import { gradebookQuery, messageOf } from '../../../shared/api';
import { Button, Empty, Failing, Loading, usePageTitle } from '../../../shared/ui';
import { PointsSum } from '../../../shared/reviewing';
import { byName, messages } from '../../../shared/messages';
import { LessonChart, StudentChart } from './charts';

export function Screen() {
  const { classId = '' } = useParams();
  const book = useQuery(gradebookQuery(classId));
  return (
    <TeacherPage>
      {book.isPending ? <Loading what={messages.gradebook.title} /> : null}
      {book.isError ? <Failing message={messageOf(book.error)} onRetry={() => void book.refetch()} /> : null}
      {book.data ? <Gradebook book={book.data} /> : null}
    </TeacherPage>
  );
}

/** A share in whole per cents; '–' where there is none. */
function percent(share: number | null): string {
  return share === null ? '–' : `${Math.round(share * 100)} %`;
}

function Gradebook({ book }: { book: GradebookView }) {
  const says = messages.gradebook;
  const { lessons, students, className } = book;
  usePageTitle(says.of({ className }));
  const [studentId, setStudentId] = useState(students[0]?.id ?? '');
  const [lessonId, setLessonId] = useState(
    lessons.findLast(({ results }) => Object.keys(results).length > 0)?.id ?? '',
  );
  const student = students.find(({ id }) => id === studentId);
  const lesson = lessons.find(({ id }) => id === lessonId);
  const classMean = meanShare(students.map(({ id }) => meanOfStudent(lessons, id)));
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">{says.of({ className })}</h1>
        <Button
          disabled={lessons.length === 0}
          onClick={() => saveText(gradebookCsv(book, messages.gradebook), 'text/csv', `${says.of({ className })}.csv`)}
        >
          <Download size={18} aria-hidden /> {says.save}
        </Button>
      </div>
      {lessons.length === 0 ? (
        <Empty title={says.empty} />
      ) : (
        <>
          <div className="mb-6 grid gap-6 lg:grid-cols-2">
            {student ? <StudentChart lessons={lessons} student={student} /> : null}
            {lesson ? <LessonChart lesson={lesson} /> : null}
          </div>
          {/* A wide table is scrolled by keys too. */}
          <div className="overflow-x-auto" role="region" aria-label={says.title} tabIndex={0}>
            <table className="w-full border-collapse text-start">
              <caption className="spoken">{says.of({ className })}</caption>
              <thead>
                <tr className="border-b border-rule text-sm text-soft">
                  <th scope="col" className="px-2 py-2 font-semibold">
                    {says.student}
                  </th>
                  {lessons.map(({ id, title }) => (
                    <th key={id} scope="col" className="px-2 py-1 text-center font-semibold">
                      <button
                        type="button"
                        aria-pressed={id === lessonId}
                        className="min-h-11 aria-pressed:text-ink aria-pressed:underline"
                        onClick={() => setLessonId(id)}
                      >
                        {title}
                      </button>
                    </th>
                  ))}
                  <th scope="col" className="px-2 py-2 text-center font-semibold">
                    {says.average}
                  </th>
                </tr>
              </thead>
              <tbody>
                {byName(students).map(({ id, name }) => (
                  <tr key={id} className={`border-b border-rule ${id === studentId ? 'bg-card' : ''}`}>
                    <th scope="row" className="px-2">
                      <button
                        type="button"
                        aria-pressed={id === studentId}
                        aria-label={says.pick({ name })}
                        className="min-h-11 text-start font-semibold hover:underline"
                        onClick={() => setStudentId(id)}
                      >
                        {name}
                      </button>
                    </th>
                    {lessons.map(({ id: lessonOf, results }) => {
                      const result = results[id];
                      return (
                        <td key={lessonOf} className="px-2 text-center tabular-nums">
                          {result && result.outOf > 0 ? (
                            <>
                              {percent(shareOf(result))}{' '}
                              <span className="text-sm text-soft">
                                <PointsSum sum={result} />
                              </span>
                            </>
                          ) : (
                            <span className="text-soft" title={result ? says.unmarked : says.missing}>
                              –<span className="spoken">{result ? says.unmarked : says.missing}</span>
                            </span>
                          )}
                        </td>
                      );
                    })}
                    <td className="px-2 text-center font-bold tabular-nums">{percent(meanOfStudent(lessons, id))}</td>
                  </tr>
                ))}
              </tbody>
              <tfoot>
                <tr>
                  <th scope="row" className="px-2 py-2">
                    {says.classAverage}
                  </th>
                  {lessons.map((each) => (
                    <td key={each.id} className="px-2 text-center font-bold tabular-nums">
                      <Link to={`/lessons/${each.id}`} className="hover:underline">
                        {percent(meanOfLesson(each))}
                      </Link>
                    </td>
                  ))}
                  <td className="px-2 text-center font-bold tabular-nums">{percent(classMean)}</td>
                </tr>
              </tfoot>
            </table>
          </div>
        </>
      )}
    </>
  );
}
