/** Everybody's scores over the lessons: a row a student, a column a lesson, both to be picked for the charts. */
import { type GradedLesson, meanOfLesson, meanOfStudent, meanShare, type Result, shareOf } from '@gobrel/core/review';
import { messages, percent } from '../../../shared/messages';
import { type BookOrder, type BookStudent, inBookOrder } from './book-order';

interface BookTableProps {
  readonly lessons: readonly GradedLesson[];
  readonly students: readonly BookStudent[];
  readonly caption: string;
  readonly order: BookOrder;
  /** Who and what is picked. */
  readonly studentId: string | null;
  readonly lessonId: string | null;
  readonly onStudent: (id: string) => void;
  readonly onLesson: (id: string) => void;
}

/** A share as per cents; '–' where there is none. */
function shareSaid(share: number | null): string {
  return share === null ? '–' : percent(share);
}

const ROW = 'h-[30px] pointer-coarse:h-11';

export function BookTable({ lessons, students, caption, order, ...picked }: BookTableProps) {
  const says = messages.gradebook;
  const { studentId, lessonId, onStudent, onLesson } = picked;
  const ordered = inBookOrder(
    students,
    order,
    lessons,
    lessons.find(({ id }) => id === lessonId),
  );
  const classMean = meanShare(students.map(({ id }) => meanOfStudent(lessons, id)));
  return (
    <div className="min-w-0">
      {/* A wide table is scrolled by keys too. */}
      <div
        className="max-h-[calc(100dvh-9.5rem)] overflow-auto rounded-md border border-rule max-lg:max-h-none"
        role="region"
        aria-label={says.title}
        tabIndex={0}
      >
        <table className="w-full border-separate border-spacing-0 text-start">
          <caption className="spoken">{caption}</caption>
          <thead className="sticky top-0 z-20 bg-paper text-sm text-soft">
            <tr>
              <th scope="col" className="sticky start-0 z-10 border-b border-edge bg-paper px-3 align-bottom">
                {says.student}
              </th>
              <th scope="col" className="border-b border-edge px-3 text-end align-bottom">
                {says.average}
              </th>
              {lessons.map(({ id, title, openedAt }) => (
                <th key={id} scope="col" className="min-w-32 border-b border-edge px-1 align-bottom font-semibold">
                  <button
                    type="button"
                    aria-pressed={id === lessonId}
                    title={title}
                    className="w-full rounded-md px-2 py-1 text-end hover:bg-rule/50 aria-pressed:text-ink aria-pressed:underline"
                    onClick={() => onLesson(id)}
                  >
                    <span className="line-clamp-2">{title}</span>{' '}
                    <span className="block font-normal">{says.day({ at: openedAt })}</span>
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ordered.map(({ id, name }) => (
              <tr key={id} className={id === studentId ? 'bg-card' : ''}>
                <th
                  scope="row"
                  className={`sticky start-0 border-b border-rule px-1 ${id === studentId ? 'bg-card' : 'bg-paper'}`}
                >
                  <button
                    type="button"
                    aria-pressed={id === studentId}
                    aria-label={says.pick({ name })}
                    className={`w-full whitespace-nowrap rounded-md px-2 text-start font-semibold hover:bg-rule/50 ${ROW}`}
                    onClick={() => onStudent(id)}
                  >
                    {name}
                  </button>
                </th>
                <td className="border-b border-rule px-3 text-end font-bold tabular-nums">
                  {shareSaid(meanOfStudent(lessons, id))}
                </td>
                {lessons.map(({ id: lessonOf, results }) => (
                  <td key={lessonOf} className="whitespace-nowrap border-b border-rule px-3 text-end tabular-nums">
                    <Score result={results[id]} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
          <tfoot className="sticky bottom-0 z-10 bg-paper font-bold tabular-nums">
            <tr>
              <th scope="row" className={`sticky start-0 border-t border-edge bg-paper px-3 ${ROW}`}>
                {says.classAverage}
              </th>
              <td className="border-t border-edge px-3 text-end">{shareSaid(classMean)}</td>
              {lessons.map((each) => (
                <td key={each.id} className="border-t border-edge px-3 text-end">
                  {shareSaid(meanOfLesson(each))}
                </td>
              ))}
            </tr>
          </tfoot>
        </table>
      </div>
      <p className="mt-2 text-sm text-soft">{says.legend}</p>
    </div>
  );
}

/** What somebody reached in a lesson: a share with its points, or what there is instead. */
function Score({ result }: { result: Result | undefined }) {
  const says = messages.gradebook;
  if (!result) {
    return (
      <span className="text-soft" title={says.missing}>
        –<span className="spoken">{says.missing}</span>
      </span>
    );
  }
  const toMark =
    result.unmarked === 0 ? null : (
      <span className="text-sm text-dusk">{messages.reviewing.toMark({ count: result.unmarked })}</span>
    );
  const share = shareOf(result);
  if (share === null) return toMark ?? <span className="text-sm text-soft">{says.unmarked}</span>;
  return (
    <>
      {toMark} <span className="ms-1">{percent(share)}</span>{' '}
      <span className="text-sm text-soft">
        {result.points}/{result.outOf}
      </span>
    </>
  );
}
