/** The gradebook of a class: everybody's share of the points over its lessons, with charts, and as a table to export. */
import type { GradebookView } from '@gobrel/contract';
import { gradebookCsv, type RosterRef, writeResults } from '@gobrel/core/formats';
import { useQuery } from '@tanstack/react-query';
import { ChevronLeft, Download, Table2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { TeacherPage } from '../../../app/frame';
import { fileName, saveBlob, saveText } from '../../../shared/downloads';
import { gradebookQuery } from '../../../shared/api';
import { Button, buttonClasses, Empty, Loading, Select, showToast, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { ClassNotOpen } from '../class-not-open';
import { type BookOrder, bookOrders } from './book-order';
import { BookTable } from './book-table';
import { LessonChart, StudentChart } from './charts';

export function Screen() {
  const { classId = '' } = useParams();
  const book = useQuery(gradebookQuery(classId));
  if (book.isError) return <ClassNotOpen classId={classId} error={book.error} onRetry={() => void book.refetch()} />;
  return (
    <TeacherPage fills>
      {book.isPending ? <Loading what={messages.gradebook.title} /> : null}
      {book.data ? <Gradebook book={book.data} /> : null}
    </TeacherPage>
  );
}

function Gradebook({ book }: { book: GradebookView }) {
  const says = messages.gradebook;
  const { lessons, students, className } = book;
  usePageTitle(says.of({ className }));
  const [order, setOrder] = useState<BookOrder>('name');
  const [studentId, setStudentId] = useState<string | null>(null);
  const [lessonId, setLessonId] = useState(
    () => (lessons.findLast(({ results }) => Object.keys(results).length > 0) ?? lessons.at(-1))?.id ?? null,
  );
  const student = students.find(({ id }) => id === studentId);
  const lesson = lessons.find(({ id }) => id === lessonId);
  return (
    <div className="flex min-h-0 flex-1 flex-col px-4 pb-4 pt-3">
      <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Link to="/classes" className={buttonClasses('quiet', '-ms-3')}>
          <ChevronLeft size={18} aria-hidden /> {messages.frame.classes}
        </Link>
        <h1 className="me-auto text-2xl">{says.of({ className })}</h1>
        {lessons.length === 0 ? null : (
          <>
            <Select
              label={says.order}
              value={order}
              options={bookOrders.map((value) => ({ value, name: says.orders[value] }))}
              onChange={setOrder}
            />
            <Button onClick={() => saveText(gradebookCsv(book, says), 'text/csv', `${says.of({ className })}.csv`)}>
              <Download size={18} aria-hidden /> {says.save}
            </Button>
            {book.roster ? <RosterButton book={book} roster={book.roster} /> : null}
          </>
        )}
      </div>
      {lessons.length === 0 ? (
        <Empty icon={Table2} title={says.empty} text={says.emptyText}>
          <Link to="/" className={buttonClasses('main')}>
            {messages.elsewhere.home}
          </Link>
        </Empty>
      ) : (
        <div className="grid min-h-0 flex-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
          <BookTable
            lessons={lessons}
            students={students}
            caption={says.of({ className })}
            order={order}
            studentId={studentId}
            lessonId={lessonId}
            onStudent={setStudentId}
            onLesson={setLessonId}
          />
          <div className="flex flex-col gap-4">
            {lesson ? <LessonChart lesson={lesson} /> : null}
            <StudentChart lessons={lessons} student={student} />
          </div>
        </div>
      )}
    </div>
  );
}

/** Results for the school's own system, of a class that came from there. */
function RosterButton({ book, roster }: { readonly book: GradebookView; readonly roster: RosterRef }) {
  const says = messages.gradebook;
  const save = () => {
    const zip = writeResults({ ...book, roster }, { category: messages.frame.lessons }, new Date());
    saveBlob(new Blob([new Uint8Array(zip)], { type: 'application/zip' }), `${fileName(says.results(book))}.zip`);
    const unknown = book.students.filter(({ rosterId }) => rosterId === '').map(({ name }) => name);
    if (unknown.length > 0) showToast(says.unknownToSchool({ count: unknown.length, names: unknown.join(', ') }));
  };
  return (
    <Button onClick={save}>
      <Download size={18} aria-hidden /> {says.saveResults}
    </Button>
  );
}
