/** What lies in a backup beside decks, made here: classes, lessons with everybody's work, themes, templates. */
import type { ClassView, LessonView, RestoredWork } from '@gobrel/contract';
import type { KeptBeside, KeptClass, KeptLesson, KeptLine } from '@gobrel/core/formats';
import { namesApart } from '@gobrel/core/lesson';
import { ask } from '../../../shared/api';

/** How much came. */
export interface RestoredBeside {
  readonly restored: number;
  /** What the server did not take. */
  readonly refused: number;
}

/** Ids of classes and of students as they are here, by those they had. */
interface HereBy {
  readonly classes: ReadonlyMap<string, string>;
  readonly students: ReadonlyMap<string, string>;
}

/**
 * Restores what lies beside the decks of a backup, one after the other.
 * @param known the classes that are here: a lesson of one of them belongs to it again
 */
export async function restoreBeside(
  { classes, lessons, themes, templates }: KeptBeside,
  known: readonly ClassView[],
): Promise<RestoredBeside> {
  const here = {
    classes: new Map(known.map(({ id }) => [id, id])),
    students: new Map(known.flatMap(({ students }) => students.map(({ id }) => [id, id]))),
  };
  const acts = [
    ...classes.filter(({ students }) => students.length > 0).map((kept) => () => restoreClass(kept, here)),
    ...lessons.map((lesson) => () => restoreLesson(lesson, here)),
    ...themes.map((theme) => () => ask('POST', '/themes', { theme })),
    ...templates.map((template) => () => ask('POST', '/templates', template)),
  ];
  let refused = 0;
  for (const act of acts)
    await act().catch(() => {
      refused += 1;
    });
  return { restored: acts.length - refused, refused };
}

async function restoreClass(
  { id, name, roster, students }: KeptClass,
  here: { readonly classes: Map<string, string>; readonly students: Map<string, string> },
): Promise<void> {
  if (here.classes.has(id)) return;
  const made = await ask<ClassView>('POST', '/classes', {
    name,
    students: students.map((student) => student.name),
    groups: students.map((student) => student.group),
    rosterIds: students.map((student) => student.rosterId),
    ...(roster ? { roster } : {}),
  });
  here.classes.set(id, made.id);
  for (const [was, is] of sameStudents(students, made.students)) here.students.set(was, is);
}

/** Which student is which, by name: of several of a name one each. */
export function sameStudents(
  were: readonly { readonly id: string; readonly name: string }[],
  are: readonly { readonly id: string; readonly name: string }[],
): readonly (readonly [was: string, is: string])[] {
  const left = [...are];
  return were.flatMap(({ id, name }) => {
    const at = left.findIndex((student) => student.name === name || student.name.startsWith(`${name} (`));
    const [found] = at < 0 ? [] : left.splice(at, 1);
    return found ? [[id, found.id] as const] : [];
  });
}

async function restoreLesson(lesson: KeptLesson, here: HereBy): Promise<void> {
  const { workMode, terms, openedAt, edition } = lesson;
  const classId = here.classes.get(lesson.classId ?? '') ?? null;
  const { id } = await ask<LessonView>('POST', '/restored-lessons', { classId, workMode, terms, openedAt, edition });
  const students = classId === null ? new Map<string, string>() : here.students;
  const names = toldApart(lesson.lines.map(({ name }) => name || '–'));
  for (const [at, line] of lesson.lines.entries())
    await restoreLine(id, { ...line, name: names[at] ?? line.name }, students);
}

/** Names told apart as everywhere: nobody but students of a class can be called the same. */
export function toldApart(names: readonly string[]): readonly string[] {
  const idAt = (at: number) => String(at).padStart(6, '0');
  const apart = namesApart(names.map((name, at) => ({ id: idAt(at), name })));
  return names.map((name, at) => apart.get(idAt(at)) ?? name);
}

async function restoreLine(lessonId: string, line: KeptLine, students: ReadonlyMap<string, string>): Promise<void> {
  const { name, studentId, members, work, review, releasedAt, submissions } = line;
  const were = studentId === null ? members.map((member) => member.studentId) : [studentId];
  const studentIds = were.flatMap((was) => students.get(was) ?? []);
  const told = { name, studentIds, work, review, releasedAt };
  const { participantId } = await ask<RestoredWork>('POST', `/restored-lessons/${lessonId}/works`, told);
  for (const { work: submitted, submittedAt, takenBackAt } of submissions)
    await ask('POST', `/restored-lessons/${lessonId}/works/${participantId}/submissions`, {
      ...{ work: submitted, submittedAt, takenBackAt },
    });
}
