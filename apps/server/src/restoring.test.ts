/** Lessons out of a backup, put together again by whoever restores them. */
import type { ClassView, GradebookView, LessonMarks, LessonView, RestoredWork } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { emptyReview } from '@gobrel/core/review';
import { emptyWork } from '@gobrel/core/work';
import { handOut } from './testing/lessons.js';
import { TestServer, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
let edition: Deck;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
  edition = (await odile.ask<Deck>('GET', '/api/lessons/shore-lesson/edition')).body;
});
afterAll(() => server.stop());

const told = { workMode: 'copy-each', terms: {}, openedAt: '2026-03-12T09:00:00.000Z' };
const low = { ...emptyWork, blanks: { 'blank-low': 'low', nowhere: 'x' } };
const line = { name: 'Ada', studentIds: [] as string[], work: low, review: emptyReview, releasedAt: null };

/** A teacher with a class, and a lesson of it that was restored. */
async function restored(who: Visitor, workMode = 'copy-each') {
  const { body: schoolClass } = await who.ask<ClassView>('POST', '/api/classes', {
    name: '6 Dunlin',
    students: ['Ada', 'Bo'],
  });
  const lesson = await who.ask<LessonView>('POST', '/api/restored-lessons', {
    ...{ ...told, workMode, classId: schoolClass.id, edition },
  });
  expect(lesson.status).toBe(201);
  const ids = schoolClass.students.map(({ id }) => id);
  return { schoolClass, lesson: lesson.body, ids, path: `/api/restored-lessons/${lesson.body.id}/works` };
}

test('a lesson comes back ended, with work, submissions and what was said, in the gradebook of its class', async () => {
  const nadia = await server.teacher();
  const { schoolClass, lesson, ids, path } = await restored(nadia);
  expect(lesson).toMatchObject({ title: edition.title, className: '6 Dunlin', openedAt: told.openedAt });
  expect(lesson.closedAt).not.toBeNull();
  const review = { overruled: { 'blank-low': { points: 0, why: 'Look again.' } }, comments: [] };
  const made = await nadia.ask<RestoredWork>('POST', path, {
    ...{ ...line, studentIds: [ids[0]], review, releasedAt: '2026-03-13T09:00:00.000Z' },
  });
  expect(made.status).toBe(201);
  const submission = { work: low, submittedAt: '2026-03-12T09:40:00.000Z', takenBackAt: null };
  expect((await nadia.ask('POST', `${path}/${made.body.participantId}/submissions`, submission)).status).toBe(204);
  const board = (await nadia.ask<LessonView>('GET', `/api/lessons/${lesson.id}`)).body;
  expect(board.participants[0]).toMatchObject({
    name: 'Ada',
    submission: { number: 1, submittedAt: submission.submittedAt },
    releasedAt: '2026-03-13T09:00:00.000Z',
  });
  const marks = (await nadia.ask<LessonMarks>('GET', `/api/lessons/${lesson.id}/marks`)).body;
  const { work } = marks[made.body.participantId] ?? {};
  // What does not fit the slides is in nobody's work.
  expect(work?.blanks).toEqual({ 'blank-low': 'low' });
  const book = (await nadia.ask<GradebookView>('GET', `/api/classes/${schoolClass.id}/gradebook`)).body;
  expect(Object.keys(book.lessons[0]?.results ?? {})).toEqual([ids[0]]);
  // The same work does not come twice.
  expect((await nadia.ask('POST', path, { ...line, studentIds: [ids[0]] })).status).toBe(409);
});

test('a group comes back as one, a guest by name; pictures of others do not come along', async () => {
  const nadia = await server.teacher();
  const { lesson, ids, path } = await restored(nadia, 'copy-per-group');
  await nadia.ask('POST', path, { ...line, name: 'Terns', studentIds: ids });
  await nadia.ask('POST', path, { ...line, name: 'Guest Cy' });
  const { participants } = (await nadia.ask<LessonView>('GET', `/api/lessons/${lesson.id}`)).body;
  expect(participants.map(({ name, members }) => [name, members.length])).toEqual(
    expect.arrayContaining([
      ['Terns', 2],
      ['Guest Cy', 0],
    ]),
  );
  const kept = (await nadia.ask<Deck>('GET', `/api/lessons/${lesson.id}/edition`)).body;
  expect(JSON.stringify(edition)).toMatch(/[0-9a-f]{64}/);
  expect(JSON.stringify(kept.items)).not.toMatch(/"picture":"[0-9a-f]{64}"/);
});

test('nobody restores into what is somebody else’s, or into a lesson that was held here', async () => {
  const nadia = await server.teacher();
  const { ids, path } = await restored(nadia);
  const other = await server.teacher();
  expect((await other.ask('POST', path, line)).status).toBe(404);
  expect((await nadia.ask('POST', path, { ...line, studentIds: ['heron-01'] })).status).toBe(404);
  expect((await nadia.ask('POST', path, { ...line, studentIds: [...ids, ids[0]] })).status).toBe(404);
  const stolen = { ...told, classId: '6-heron', edition };
  expect((await other.ask('POST', '/api/restored-lessons', stolen)).status).toBe(404);
  const held = await handOut(odile);
  await odile.ask('POST', `/api/lessons/${held.id}/close`);
  expect((await odile.ask('POST', `/api/restored-lessons/${held.id}/works`, line)).status).toBe(409);
});
