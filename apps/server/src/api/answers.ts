/** What there is, as the HTTP API tells it. */
import type { AddStudents, ClassView, DeckSummary, LessonSummary, LessonView } from '@gobrel/contract';
import type {
  ApiClass,
  ApiDeck,
  ApiLesson,
  ApiLessonResults,
  ApiNewStudent,
  ApiWholeLesson,
} from '@gobrel/contract/api';
import type { GradedLesson } from '@gobrel/core/review';

export function deckOf({ id, title, slideCount, updatedAt, may }: DeckSummary): ApiDeck {
  return { id, title, slides: slideCount, updatedAt, may };
}

export function classOf({ id, name, archivedAt, students }: ClassView): ApiClass {
  return {
    ...{ id, name, archived: archivedAt !== null },
    students: students.map((student) => ({
      ...{ id: student.id, name: student.name, group: student.group, rosterId: student.rosterId },
    })),
  };
}

/** Students as they are added, in lists of the same order. */
export function newStudentsOf(students: readonly ApiNewStudent[]): Required<AddStudents> {
  return {
    students: students.map(({ name }) => name),
    groups: students.map(({ group }) => group ?? ''),
    rosterIds: students.map(({ rosterId }) => rosterId ?? ''),
  };
}

export function listedLesson(lesson: LessonSummary): ApiLesson {
  return lessonOf(lesson);
}

type LessonParts = Pick<LessonView, 'id' | 'title' | 'code' | 'openedAt' | 'closedAt' | 'classId'>;

export function lessonOf({ id, title, code, openedAt, closedAt, classId }: LessonParts): ApiLesson {
  return {
    ...{ id, title, code, openedAt },
    ...(classId === null ? {} : { classId }),
    ...(closedAt === null ? {} : { closedAt }),
  };
}

export function wholeLesson(lesson: LessonView): ApiWholeLesson {
  return {
    ...lessonOf(lesson),
    participants: lesson.participants.map(({ key, name, isGuest, members, joinedAt, submission }) => ({
      ...{ name, joined: joinedAt !== null },
      ...(isGuest || members.length > 0 ? {} : { studentId: key }),
      ...(submission ? { submittedAt: submission.submittedAt } : {}),
    })),
  };
}

export function resultsOf({ id, title, openedAt, results }: GradedLesson): ApiLessonResults {
  return {
    ...{ lessonId: id, title, openedAt },
    results: Object.entries(results).map(([studentId, { points, outOf, unmarked }]) => ({
      ...{ studentId, points, outOf, unmarked },
    })),
  };
}
