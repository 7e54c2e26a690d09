/** Work from show files, brought into a lesson by its teacher. */
import type { BroughtWork, MyLessonView } from '@gobrel/contract';
import { readWorkDocument, writeWorkChanges } from '@gobrel/core/shared-doc';
import { emptyWork, type Work } from '@gobrel/core/work';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
});
afterAll(() => server.stop());

const file: Work = { ...emptyWork, blanks: { 'blank-low': 'low', nowhere: 'x' }, walk: ['start'], seen: ['start'] };
const bring = (lessonId: string, key: string, work: unknown = file, who = odile) =>
  who.ask<BroughtWork>('POST', `/api/lessons/${lessonId}/works`, { key, work });

test('work comes to whoever it is from, also before they were ever in; what does not fit is counted and left out', async () => {
  const lesson = await handOut(odile);
  expect((await bring(lesson.id, 'heron-05')).body).toEqual({ taken: 1, kept: 0, unfit: 1 });
  const student = await joinAs(server, lesson, 5);
  const work = await workOf(student);
  expect(readWorkDocument(work.doc)).toMatchObject({ blanks: { 'blank-low': 'low' }, seen: ['start'] });
  expect(readWorkDocument(work.doc).blanks).not.toHaveProperty('nowhere');
  // Somebody who is at work sees it come, and what they did themselves stays.
  writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-low', value: 'lower' }]);
  await work.sent();
  expect((await bring(lesson.id, 'heron-05')).body).toEqual({ taken: 0, kept: 1, unfit: 1 });
  expect(readWorkDocument(work.doc).blanks['blank-low']).toBe('lower');
  writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-low', value: null }]);
  await work.sent();
  expect((await bring(lesson.id, 'heron-05')).body.taken).toBe(1);
  await until(() => readWorkDocument(work.doc).blanks['blank-low'] === 'low');
  work.leave();
});

test('what is submitted stays as it is; strangers, nobody and nonsense are refused', async () => {
  const lesson = await handOut(odile);
  const student = await joinAs(server, lesson, 6);
  await student.ask<MyLessonView>('POST', '/api/my-lesson/submission', { key: 'key-number-1' });
  expect((await bring(lesson.id, 'heron-06')).body).toMatchObject({ code: 'is-submitted' });
  expect((await bring(lesson.id, 'nobody')).status).toBe(404);
  expect((await bring(lesson.id, 'heron-07', file, await server.teacher())).status).toBe(404);
  expect((await bring(lesson.id, 'heron-07', 'text')).status).toBe(422);
  expect((await bring(lesson.id, 'heron-07', { blanks: [1], answers: 'x' })).body).toEqual({
    taken: 0,
    kept: 0,
    unfit: 0,
  });
});
