/** Lessons of the sample class, for tests: handed out, joined, worked in. */
import type { HandOut, LessonView, MyLessonView } from '@gobrel/contract';
import type { OpenedDocument, TestServer, Visitor } from './test-server.js';

/** A new lesson of the sample class: shore zones, a copy each, at own pace, unless the order says otherwise. */
export async function handOut(teacher: Visitor, order: Partial<HandOut> = {}): Promise<LessonView> {
  const usual = { deckId: 'shore-zones', classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
  const { body } = await teacher.ask<LessonView>('POST', '/api/lessons', { ...usual, ...order });
  return body;
}

/** A student of the sample class in a lesson, by their place in the register (1 to 24). */
export async function joinAs(server: TestServer, { code }: LessonView, place: number): Promise<Visitor> {
  const visitor = server.visitor();
  const studentId = `heron-${String(place).padStart(2, '0')}`;
  const { status } = await visitor.ask('POST', '/api/join', { code, studentId, pin: '2468' });
  if (status !== 200) throw new Error(`${studentId} was not let in: ${status}`);
  return visitor;
}

/** The work of a student, opened as their device does. */
export async function workOf(student: Visitor): Promise<OpenedDocument> {
  const { lessonId, participantId } = (await student.ask<MyLessonView>('GET', '/api/my-lesson')).body;
  return student.open(`work:${lessonId}:${participantId}`, 'student').settled();
}
