/** The bin: lessons and classes that were deleted, restored as they were, and removed for good. */
import type { BinView, ClassView, LessonSummary, LessonView, MyLessonView } from '@gobrel/contract';
import { readWorkDocument, writeWorkChanges } from '@gobrel/core/shared-doc';
import { DataSource } from 'typeorm';
import { AGES, ClearingOutService } from './care/clearing-out.service.js';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
let database: DataSource;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
  database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
});
afterAll(async () => {
  await database.destroy();
  await server.stop();
});

const bin = async (who = odile) => (await who.ask<BinView>('GET', '/api/bin')).body;
const lessonIds = async () => (await odile.ask<LessonSummary[]>('GET', '/api/lessons')).body.map(({ id }) => id);
const count = async (query: string, values: readonly unknown[]) =>
  Number((await database.query<{ n: string }[]>(`SELECT count(*) AS n ${query}`, [...values]))[0]?.n);

/** A class of one's own, with a lesson in which somebody wrote something. */
async function classAtWork(name: string) {
  const { body: schoolClass } = await odile.ask<ClassView>('POST', '/api/classes', { name, students: ['Ada', 'Bo'] });
  const lesson = await handOut(odile, { classId: schoolClass.id });
  const student = server.visitor();
  const ada = { code: lesson.code, studentId: schoolClass.students[0]?.id, pin: '1357' };
  expect((await student.ask('POST', '/api/join', ada)).status).toBe(200);
  const work = await workOf(student);
  writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-low', value: `low for ${name}` }]);
  await work.sent();
  return { schoolClass, lesson, student, work };
}

test('whoever is in a lesson that is deleted hears it, and goes on where they were once it is restored', async () => {
  const lesson = await handOut(odile);
  const student = await joinAs(server, lesson, 13);
  const work = await workOf(student);
  writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-low', value: 'low' }]);
  await work.sent();
  const led = await odile.open(`lesson:${lesson.id}`, 'teacher').settled();
  expect((await odile.ask('DELETE', `/api/lessons/${lesson.id}`)).status).toBe(204);
  await until(() => work.closed && led.closed);
  for (const open of [work, led]) open.leave();
  expect((await student.ask('GET', '/api/my-lesson')).body).toMatchObject({ code: 'lesson-deleted-by-teacher' });
  expect((await student.ask('GET', `/api/join/${lesson.code}`)).body).toMatchObject({
    code: 'lesson-deleted-by-teacher',
  });
  expect(await odile.ask('GET', `/api/lessons/${lesson.id}`)).toMatchObject({
    status: 410,
    body: { code: 'lesson-deleted' },
  });
  expect((await odile.ask('DELETE', `/api/lessons/${lesson.id}`)).status).toBe(410);
  expect(await lessonIds()).not.toContain(lesson.id);
  const refused = await odile.open(`lesson:${lesson.id}`, 'teacher').settled();
  expect(refused.refused).toBe(true);
  refused.leave();
  expect((await bin()).lessons).toContainEqual(expect.objectContaining({ id: lesson.id, title: lesson.title }));
  expect((await odile.ask('POST', `/api/lessons/${lesson.id}/restore`)).status).toBe(204);
  expect((await odile.ask('POST', `/api/lessons/${lesson.id}/restore`)).status).toBe(404);
  expect(await lessonIds()).toContain(lesson.id);
  const again = await workOf(student);
  expect(readWorkDocument(again.doc).blanks['blank-low']).toBe('low');
  writeWorkChanges(again.doc, [{ part: 'blanks', id: 'blank-low', value: 'lower' }]);
  await again.sent();
  again.leave();
});

test('a class goes with its lessons and comes back with them; a lesson deleted before stays where it was', async () => {
  const { schoolClass, lesson, student, work } = await classAtWork('6 Dunlin');
  const before = await handOut(odile, { classId: schoolClass.id });
  await odile.ask('DELETE', `/api/lessons/${before.id}`);
  expect((await odile.ask('DELETE', `/api/classes/${schoolClass.id}`)).status).toBe(204);
  await until(() => work.closed);
  work.leave();
  const deleted = await bin();
  expect(deleted.classes).toContainEqual(
    expect.objectContaining({ id: schoolClass.id, name: '6 Dunlin', students: 2, lessons: 1 }),
  );
  expect(deleted.lessons.map(({ id }) => id)).toContain(before.id);
  expect(deleted.lessons.map(({ id }) => id)).not.toContain(lesson.id);
  const days = deleted.classes.map((one) => (Date.parse(one.goneAt) - Date.parse(one.deletedAt)) / 86_400_000);
  expect(days).toEqual([30]);
  expect((await odile.ask<ClassView[]>('GET', '/api/classes')).body.map(({ id }) => id)).not.toContain(schoolClass.id);
  for (const [method, path, body] of [
    ['GET', 'gradebook', undefined],
    ['POST', 'pins', undefined],
    ['POST', 'students', { students: ['Cy'] }],
  ] as const)
    expect((await odile.ask(method, `/api/classes/${schoolClass.id}/${path}`, body)).body).toMatchObject({
      code: 'class-deleted',
    });
  expect((await odile.ask('POST', `/api/lessons/${before.id}/restore`)).body).toMatchObject({ code: 'class-in-bin' });
  expect((await student.ask('GET', '/api/my-lesson')).status).toBe(410);
  const order = { deckId: 'shore-zones', classId: schoolClass.id, workMode: 'copy-each', pace: 'own-pace' };
  expect((await odile.ask('POST', '/api/lessons', order)).status).toBe(404);
  expect((await odile.ask('POST', `/api/classes/${schoolClass.id}/restore`)).status).toBe(204);
  expect(await lessonIds()).toContain(lesson.id);
  expect(await lessonIds()).not.toContain(before.id);
  expect((await student.ask<MyLessonView>('GET', '/api/my-lesson')).body.className).toBe('6 Dunlin');
  expect((await odile.ask('POST', `/api/lessons/${before.id}/restore`)).status).toBe(204);
});

test('what is removed for good is in no table any more, and nobody else’s bin is touched', async () => {
  const { schoolClass, lesson, work } = await classAtWork('6 Sanderling');
  work.leave();
  await odile.ask('DELETE', `/api/classes/${schoolClass.id}`);
  const stranger = await server.teacher();
  expect(await bin(stranger)).toEqual({ decks: [], lessons: [], classes: [] });
  expect((await stranger.ask('DELETE', `/api/bin/classes/${schoolClass.id}`)).status).toBe(404);
  expect((await stranger.ask('POST', `/api/classes/${schoolClass.id}/restore`)).status).toBe(404);
  expect((await stranger.ask('DELETE', '/api/bin')).status).toBe(204);
  expect((await odile.ask('DELETE', '/api/bin/classes/6-heron')).status).toBe(404);
  expect((await odile.ask('DELETE', '/api/bin/shelves/6-heron')).status).toBe(404);
  expect((await bin()).classes).toHaveLength(1);
  expect((await odile.ask('DELETE', `/api/bin/classes/${schoolClass.id}`)).status).toBe(204);
  expect((await bin()).classes).toEqual([]);
  expect(await count('FROM student WHERE class_id = $1', [schoolClass.id])).toBe(0);
  expect(await count('FROM participant WHERE lesson_id = $1', [lesson.id])).toBe(0);
  for (const table of ['shared_document', 'document_update'])
    expect(await count(`FROM ${table} WHERE strpos(name, $1) > 0`, [lesson.id])).toBe(0);
});

test('emptied, it holds nothing; what has been in it for too long goes by itself', async () => {
  const { schoolClass, work } = await classAtWork('6 Knot');
  work.leave();
  const old = await handOut(odile);
  const { body: deck } = await odile.ask<{ id: string }>('POST', '/api/decks', { title: 'Old tides' });
  await odile.ask('DELETE', `/api/decks/${deck.id}`);
  await odile.ask('DELETE', `/api/lessons/${old.id}`);
  await odile.ask('DELETE', `/api/classes/${schoolClass.id}`);
  const clearOut = () => server.app.get(ClearingOutService).clearOut();
  await clearOut();
  const full = await bin();
  expect([full.decks.length, full.lessons.length, full.classes.length]).toEqual([1, 1, 1]);
  await database.query('UPDATE lesson SET deleted_at = now() - make_interval(days => $2) WHERE id = $1', [
    old.id,
    AGES.bin + 1,
  ]);
  await clearOut();
  expect((await bin()).lessons).toEqual([]);
  expect(await count('FROM lesson WHERE id = $1', [old.id])).toBe(0);
  expect((await odile.ask('DELETE', '/api/bin')).status).toBe(204);
  expect(await bin()).toEqual({ decks: [], lessons: [], classes: [] });
  expect((await odile.ask<LessonView>('GET', '/api/lessons/shore-lesson')).status).toBe(200);
});
