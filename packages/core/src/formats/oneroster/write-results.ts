/**
 * Results for a school's system: OneRoster 1.2 Gradebook, CSV Binding (1EdTech), a zip with a category, a line item for each lesson and a
 * result for each student. Ids are our own and stay the same, so that a later file changes what an earlier one said.
 */
import { strToU8, zipSync } from 'fflate';
import Papa from 'papaparse';
import type { GradedLesson } from '../../review/index.js';
import type { RosterRef } from './roster-ref.js';

/** What everybody in a class reached, with how the school's system knows them. */
export interface RosterBook {
  readonly roster: RosterRef;
  /** Who has no `rosterId` ('') is unknown to the system and left out. */
  readonly students: readonly { readonly id: string; readonly rosterId: string }[];
  readonly lessons: readonly GradedLesson[];
}

/** The one category that every line item is in, in the words of whoever reads the school's gradebook. */
interface Names {
  readonly category: string;
}

const CATEGORY = 'gobrel-lessons';
const MANIFEST = [
  ...['academicSessions', 'categories', 'classes', 'classResources', 'courses', 'courseResources', 'demographics'],
  ...['enrollments', 'lineItemLearningObjectiveIds', 'lineItems', 'lineItemScoreScales', 'orgs', 'resources'],
  ...['resultLearningObjectiveIds', 'results', 'resultScoreScales', 'roles', 'scoreScales', 'userProfiles'],
  ...['userResources', 'users'],
];
const WRITTEN = ['categories', 'lineItems', 'results'];

/** Writes the zip. A lesson in which there is nothing to earn has no line item. @param at when it is written */
export function writeResults({ roster, students, lessons }: RosterBook, names: Names, at: Date): Uint8Array {
  const common = { status: 'active', dateLastModified: at.toISOString() };
  const known = students.filter(({ rosterId }) => rosterId !== '');
  const items = lessons.flatMap((lesson) => {
    const most = Math.max(0, ...Object.values(lesson.results).map(({ outOf }) => outOf));
    return most > 0 ? [{ lesson, most }] : [];
  });
  const tables = {
    manifest: [
      ['manifest.version', '1.0'],
      ['oneroster.version', '1.2'],
      ...MANIFEST.map((name) => [`file.${name}`, WRITTEN.includes(name) ? 'bulk' : 'absent']),
      ['source.systemName', 'Gobrel'],
      ['source.systemCode', 'gobrel'],
    ].map(([propertyName, value]) => ({ propertyName, value })),
    categories: [{ sourcedId: CATEGORY, ...common, title: names.category, weight: '' }],
    lineItems: items.map(({ lesson: { id, title, openedAt }, most }) => ({
      ...{ sourcedId: id, ...common, title, description: '' },
      ...{ assignDate: openedAt.slice(0, 10), dueDate: openedAt.slice(0, 10) },
      ...{ classSourcedId: roster.classId, categorySourcedId: CATEGORY, gradingPeriodSourcedId: roster.termId },
      ...{ academicSessionSourcedId: roster.termId, schoolSourcedId: roster.schoolId },
      ...{ resultValueMin: 0, resultValueMax: most },
    })),
    results: items.flatMap(({ lesson: { id, results } }) =>
      known.map((student) => {
        const result = results[student.id];
        return {
          ...{ sourcedId: `${id}-${student.id}`, ...common, lineItemSourcedId: id, studentSourcedId: student.rosterId },
          scoreStatus: statusOf(result),
          score: result ? result.points : '',
          ...{ scoreDate: at.toISOString().slice(0, 10), comment: '', classSourcedId: roster.classId },
        };
      }),
    ),
  };
  return zipSync(
    Object.fromEntries(
      Object.entries(tables).map(([name, rows]) => [`${name}.csv`, strToU8(Papa.unparse<object>(rows))]),
    ),
  );
}

/** In the vocabulary of the standard. */
function statusOf(result: { readonly unmarked: number } | undefined): string {
  if (!result) return 'not submitted';
  return result.unmarked > 0 ? 'partially graded' : 'fully graded';
}
