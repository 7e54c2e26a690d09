import type { LessonMarks, LessonView, MyLessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { until, TestServer, type Visitor } from './testing/test-server.js';

describe('a lesson', () => {
  let server: TestServer;
  let odile: Visitor;
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
  });
  afterAll(() => server.stop());

  const mine = async (student: Visitor) => (await student.ask<MyLessonView>('GET', '/api/my-lesson')).body;
  const workOf = async (student: Visitor) => {
    const { lessonId, participantId } = await mine(student);
    return student.open(`work:${lessonId}:${participantId}`, 'student').settled();
  };

  test('is handed out with a code of its own, and freezes the deck', async () => {
    const order = { deckId: 'shore-zones', classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
    const { body: lesson } = await odile.ask<LessonView>('POST', '/api/lessons', order);
    expect(lesson.code).toMatch(/^[A-Z]{4}\d{3}$/);
    expect(lesson.participants).toHaveLength(24);
    await odile.ask('PATCH', '/api/decks/shore-zones', { title: 'Shore zones, second thoughts' });
    const { body: edition } = await odile.ask<Deck>('GET', `/api/lessons/${lesson.id}/edition`);
    expect(edition.title).toBe('Shore zones');
  });

  test('what its author put out of sight is in no edition', async () => {
    const deck = await odile.open('deck:night-walk', 'teacher').settled();
    const [hidden = ''] = Object.keys(readDeckDocument(deck.doc).items);
    writeChanges(deck.doc, [{ type: 'set-item', id: hidden, fields: { hidden: true } }]);
    await deck.sent();
    const order = { deckId: 'night-walk', classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
    const { body: lesson } = await odile.ask<LessonView>('POST', '/api/lessons', order);
    const { body: edition } = await odile.ask<Deck>('GET', `/api/lessons/${lesson.id}/edition`);
    expect(Object.keys(edition.items)).not.toContain(hidden);
    expect(Object.keys(edition.items).length).toBeGreaterThan(10);
    deck.leave();
  });

  test('a student gets the edition without answer keys and speaker notes', async () => {
    const student = await server.student(3);
    const { body: edition } = await student.ask<Deck>('GET', '/api/my-lesson/edition');
    const { body: whole } = await odile.ask<Deck>('GET', '/api/lessons/shore-lesson/edition');
    expect(whole.items['blank-low']).toMatchObject({ accepted: ['low'] });
    expect(edition.items['blank-low']).toMatchObject({ accepted: [] });
    expect(edition.items['driest']).toMatchObject({ right: [] });
    expect(edition.items['splash-zone']).toMatchObject({ belongs: [] });
    expect(Object.values(edition.slides).every((slide) => slide.notes === '')).toBe(true);
  });

  test('a wrong code, a wrong PIN and too many of them are told apart in words', async () => {
    const visitor = server.visitor();
    expect(await visitor.ask('GET', '/api/join/XXXX999')).toMatchObject({
      status: 404,
      body: { code: 'no-such-code' },
    });
    const guess = () => visitor.ask('POST', '/api/join', { code: 'HRNS427', studentId: 'heron-05', pin: '0000' });
    for (let count = 0; count < 5; count += 1) expect((await guess()).body).toMatchObject({ code: 'wrong-pin' });
    expect((await guess()).status).toBe(429);
    expect(await visitor.ask('GET', '/api/join/HRNX835')).toMatchObject({ status: 200, body: { closed: true } });
  });

  test('a PIN is set at the first visit and asked for from then on; the teacher can have it forgotten', async () => {
    const join = (pin: string) =>
      server.visitor().ask('POST', '/api/join', { code: 'HRNS427', studentId: 'heron-24', pin });
    expect((await join('1357')).status).toBe(200);
    expect((await join('2468')).status).toBe(401);
    expect((await join('1357')).status).toBe(200);
    await odile.ask('DELETE', '/api/classes/6-heron/students/heron-24/pin');
    expect((await join('9999')).status).toBe(200);
  });

  test('the same student on a second device is the same participant', async () => {
    const [one, other] = [await server.student(6), await server.student(6)];
    expect((await mine(one)).participantId).toBe((await mine(other)).participantId);
  });

  test('two submissions at once leave one, marked on the server with the keys the student never had', async () => {
    const student = await server.student(10);
    await student.ask('DELETE', '/api/my-lesson/submission');
    const work = await workOf(student);
    writeWorkChanges(work.doc, [
      { part: 'blanks', id: 'blank-low', value: ' LOW ' },
      { part: 'answers', id: 'driest', value: { kind: 'choice', picked: ['splash'] } },
    ]);
    await work.sent();
    const answers = await Promise.all(
      ['key-number-1', 'key-number-2', 'key-number-1'].map((key) =>
        student.ask<MyLessonView>('POST', '/api/my-lesson/submission', { key }),
      ),
    );
    expect(answers.map((answer) => answer.body.submission?.number)).toEqual([2, 2, 2]);
    const { participantId } = await mine(student);
    const { body: marks } = await odile.ask<LessonMarks>('GET', '/api/lessons/shore-lesson/marks');
    expect(marks[participantId]?.marks.items['blank-low']).toMatchObject({ verdict: 'right', points: 1 });
    expect(marks[participantId]?.marks.items['driest']).toMatchObject({ verdict: 'right' });
    work.leave();
  });

  test('submitted work is closed until it is taken back, also for a device that is connected', async () => {
    const student = await server.student(12);
    await student.ask('DELETE', '/api/my-lesson/submission');
    const work = await workOf(student);
    await student.ask('POST', '/api/my-lesson/submission', { key: 'key-number-1' });
    writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-low', value: 'too late' }]);
    const { participantId } = await mine(student);
    const blank = async () =>
      (await odile.ask<LessonMarks>('GET', '/api/lessons/shore-lesson/marks')).body[participantId]?.work.blanks[
        'blank-low'
      ];
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(await blank()).not.toBe('too late');
    await student.ask('DELETE', '/api/my-lesson/submission');
    work.leave();
    const again = await workOf(student);
    writeWorkChanges(again.doc, [{ part: 'blanks', id: 'blank-low', value: 'in time' }]);
    await until(async () => (await blank()) === 'in time');
    expect(
      (await student.ask<MyLessonView>('POST', '/api/my-lesson/submission', { key: 'key-number-2' })).body.submission
        ?.number,
    ).toBe(3);
    again.leave();
  });

  test('a closed lesson takes no submission, and can be looked at by those who were in it', async () => {
    const order = { deckId: 'exit-questions', classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
    const { body: lesson } = await odile.ask<LessonView>('POST', '/api/lessons', order);
    const student = server.visitor();
    await student.ask('POST', '/api/join', { code: lesson.code, studentId: 'heron-01', pin: '2468' });
    expect((await odile.ask<LessonView>('POST', `/api/lessons/${lesson.id}/close`)).body.closedAt).not.toBeNull();
    expect(await student.ask('POST', '/api/my-lesson/submission', { key: 'key-number-1' })).toMatchObject({
      status: 409,
    });
    expect((await student.ask('GET', '/api/my-lesson/edition')).status).toBe(200);
    expect(await server.visitor().ask('GET', `/api/join/${lesson.code}`)).toMatchObject({ body: { closed: true } });
  });
});
