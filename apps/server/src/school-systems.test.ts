/** A school's own systems: class lists that come from them and results that go back. */
import type { ClassView, GradebookView, StudentData } from '@gobrel/contract';
import { TestServer, type Visitor } from './testing/test-server.js';

let server: TestServer;
let teacher: Visitor;
beforeAll(async () => {
  server = await TestServer.start();
  teacher = await server.teacher();
});
afterAll(() => server.stop());

describe('a class from a school’s list', () => {
  const roster = { classId: 'c1', schoolId: 's', termId: 't' };

  test('is known with its students as the school’s system knows them', async () => {
    const { body: made } = await teacher.ask<ClassView>('POST', '/api/classes', {
      ...{ name: '6 Tern', students: ['Ana Lima', 'Pelé'], rosterIds: ['u1', ''], roster },
    });
    expect(made.roster).toEqual(roster);
    const { body: book } = await teacher.ask<GradebookView>('GET', `/api/classes/${made.id}/gradebook`);
    expect(book.roster).toEqual(roster);
    expect(book.students.map(({ rosterId }) => rosterId)).toEqual(['u1', '']);
    const [ana] = made.students;
    const { body: data } = await teacher.ask<StudentData>('GET', `/api/classes/${made.id}/students/${ana?.id}/data`);
    expect(data.rosterId).toBe('u1');
  });

  test('gets only who is new from a later list, and a namesake from before is known from then on', async () => {
    const { body: made } = await teacher.ask<ClassView>('POST', '/api/classes', {
      ...{ name: '6 Rail', students: ['Ana Lima', 'Pelé', 'Ana Lima'], rosterIds: ['u1'], roster },
    });
    const later = { students: ['Ana Lima', 'Ana Lima', 'Ana Lima', 'Nell'], rosterIds: ['u1', 'u2', 'u3', 'u4'] };
    const twice = [1, 2].map(() => teacher.ask<ClassView>('POST', `/api/classes/${made.id}/students`, later));
    await Promise.all(twice);
    const { body: after } = await teacher.ask<ClassView[]>('GET', '/api/classes');
    const students = after.find(({ id }) => id === made.id)?.students ?? [];
    expect(students.map(({ rosterId }) => rosterId).sort()).toEqual(['', 'u1', 'u2', 'u3', 'u4']);
    expect(students.find(({ rosterId }) => rosterId === 'u2')?.id).toBe(
      made.students.find(({ name, rosterId }) => name.startsWith('Ana') && rosterId === '')?.id,
    );
    expect(students.find(({ name }) => name === 'Pelé')?.rosterId).toBe('');
  });

  test('says what is wrong with it', async () => {
    const wrong = { name: 'x', students: ['Ana'], roster: 'c1' };
    expect((await teacher.ask('POST', '/api/classes', wrong)).status).toBe(422);
  });
});
