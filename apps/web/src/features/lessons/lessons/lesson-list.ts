/** Which lessons of a list are shown, and under which headings. */
import type { LessonSummary } from '@gobrel/contract';
import { folded, searchWords } from '@gobrel/core/search';

/** What is looked for among lessons. */
export interface LessonFilter {
  /** Words of the title; every one of them must be in it. */
  readonly sought: string;
  /** The name of a class; empty for all. */
  readonly className: string;
}

/** The lessons that fit, in the order they came in. */
export function fitting<L extends Pick<LessonSummary, 'title' | 'className'>>(
  lessons: readonly L[],
  { sought, className }: LessonFilter,
): readonly L[] {
  const words = searchWords(sought);
  return lessons.filter((lesson) => {
    const title = folded(lesson.title);
    return (className === '' || lesson.className === className) && words.every((word) => title.includes(word));
  });
}

/** Lessons that were opened in the same month. */
export interface Month<L> {
  /** Year and month, such as 2026-11. */
  readonly id: string;
  readonly lessons: readonly L[];
}

/** Lessons by the month they were opened in, in the time of this place; the latest month first, as are the lessons in it. */
export function byMonth<L extends Pick<LessonSummary, 'openedAt'>>(lessons: readonly L[]): readonly Month<L>[] {
  const months = new Map<string, L[]>();
  const latestFirst = [...lessons].sort((a, b) => Date.parse(b.openedAt) - Date.parse(a.openedAt));
  for (const lesson of latestFirst) {
    const at = new Date(lesson.openedAt);
    const id = `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}`;
    const month = months.get(id) ?? [];
    month.push(lesson);
    months.set(id, month);
  }
  return [...months].map(([id, inMonth]) => ({ id, lessons: inMonth }));
}
