/** Trouble in the middle of a lesson: networks that drop, two devices, a due time, somebody who tampers. */
import type { LessonMarks, LessonView, MyLessonView } from '@gobrel/contract';
import { newLessonState, ON_ITS_WAY } from '@gobrel/core/lesson';
import { readLessonDocument, readWorkDocument, writeLessonChange, writeWorkChanges } from '@gobrel/core/shared-doc';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { type OpenedDocument, TestServer, until, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
});
afterAll(() => server.stop());

const write = ({ doc }: OpenedDocument, id: string, value: string) =>
  writeWorkChanges(doc, [{ part: 'blanks', id, value }]);
const marksOf = async (lesson: LessonView) =>
  (await odile.ask<LessonMarks>('GET', `/api/lessons/${lesson.id}/marks`)).body;

test('everybody’s network drops at once and comes back at once, and nothing that was written is lost', async () => {
  const lesson = await handOut(odile);
  const places = Array.from({ length: 20 }, (_, at) => at + 1);
  const students = await Promise.all(places.map((place) => joinAs(server, lesson, place)));
  const works = await Promise.all(students.map(workOf));
  for (const [at, work] of works.entries()) write(work, 'blank-low', `before ${at}`);
  await Promise.all(works.map((work) => work.sent()));
  await Promise.all(works.map((work) => work.drop()));
  for (const [at, work] of works.entries()) write(work, 'blank-moon', `without a network ${at}`);
  await Promise.all(works.map((work) => work.back()));
  await Promise.all(works.map((work) => work.sent()));
  const given = Object.values(await marksOf(lesson)).map(({ work }) => [
    work.blanks['blank-low'],
    work.blanks['blank-moon'],
  ]);
  expect(given.sort()).toEqual(places.map((_, at) => [`before ${at}`, `without a network ${at}`]).sort());
  for (const work of works) work.leave();
});

test('two devices of one student that were both without a network come together without losing either’s work', async () => {
  const lesson = await handOut(odile);
  const [tablet, laptop] = [await joinAs(server, lesson, 1), await joinAs(server, lesson, 1)];
  const [one, other] = [await workOf(tablet), await workOf(laptop)];
  await Promise.all([one.drop(), other.drop()]);
  write(one, 'blank-low', 'low');
  write(other, 'blank-moon', 'moon');
  await Promise.all([one.back(), other.back()]);
  await Promise.all([one.sent(), other.sent()]);
  await until(() => one.doc.getMap('blanks').size === 2 && other.doc.getMap('blanks').size === 2);
  const [entry] = Object.values(await marksOf(lesson));
  expect(entry?.work.blanks).toEqual({ 'blank-low': 'low', 'blank-moon': 'moon' });
  one.leave();
  other.leave();
});

test('what was written without a network after it was due waits on the device, and arrives when there is more time', async () => {
  const dueAt = Date.now() + 1200;
  const lesson = await handOut(odile, { terms: { dueAt, late: false } });
  const student = await joinAs(server, lesson, 2);
  const work = await workOf(student);
  await work.drop();
  await until(() => Date.now() > dueAt + ON_ITS_WAY);
  write(work, 'blank-low', 'too late');
  await work.back();
  await new Promise((resolve) => setTimeout(resolve, 600));
  expect(Object.values(await marksOf(lesson))[0]?.work.blanks).toEqual({});
  expect(readWorkDocument(work.doc).blanks['blank-low']).toBe('too late');
  await odile.ask('PATCH', `/api/lessons/${lesson.id}`, { terms: { dueAt: Date.now() + 60_000 } });
  await work.drop();
  await work.back();
  await until(async () => Object.values(await marksOf(lesson))[0]?.work.blanks['blank-low'] === 'too late');
  work.leave();
});

test('a student who tampers gets neither another’s work, nor the key, nor what the teacher steers', async () => {
  const lesson = await handOut(odile);
  const [mallory, dov] = [await joinAs(server, lesson, 3), await joinAs(server, lesson, 4)];
  const his = (await dov.ask<MyLessonView>('GET', '/api/my-lesson')).body;
  for (const speaker of ['student', 'teacher'] as const) {
    const stolen = await mallory.open(`work:${lesson.id}:${his.participantId}`, speaker).settled();
    expect(stolen.refused).toBe(true);
    stolen.leave();
  }
  const state = await mallory.open(`lesson:${lesson.id}`, 'student').settled();
  writeLessonChange(state.doc, { dark: true, showing: his.participantId });
  await new Promise((resolve) => setTimeout(resolve, 300));
  state.leave();
  const teachers = await odile.open(`lesson:${lesson.id}`, 'teacher').settled();
  expect(readLessonDocument(teachers.doc)).toEqual(newLessonState);
  teachers.leave();
  const paths = ['edition', 'marks', 'reviews', 'file', 'correction'].map(
    (what) => `/api/lessons/${lesson.id}/${what}`,
  );
  for (const path of paths) expect((await mallory.ask('GET', path)).status).toBe(403);
  for (const act of ['hold', 'close', 'release', `reviews/${his.participantId}/return`])
    expect((await mallory.ask('POST', `/api/lessons/${lesson.id}/${act}`, { held: true })).status).toBe(403);
  const { body } = await mallory.ask('GET', '/api/my-lesson/edition');
  expect(JSON.stringify(body)).not.toMatch(/"accepted":\["low"/);
});
