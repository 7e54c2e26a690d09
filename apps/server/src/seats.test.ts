/** Nobody's seat: who sits where, who is sent away, and what guessing brings. */
import type { JoinView, LessonView, MyLessonView, NewPins } from '@gobrel/contract';
import { changeLesson, writeWorkChanges } from '@gobrel/core/shared-doc';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { type OpenedDocument, TestServer, until, type Visitor } from './testing/test-server.js';

describe('seats', () => {
  let server: TestServer;
  let odile: Visitor;
  const opened: OpenedDocument[] = [];
  const keep = <T extends OpenedDocument>(document: T): T => {
    opened.push(document);
    return document;
  };
  const placeOf = (place: number) => `heron-${String(place).padStart(2, '0')}`;
  const seatOf = async (student: Visitor) =>
    (await student.ask<MyLessonView>('GET', '/api/my-lesson')).body.participantId;
  const board = async (lesson: LessonView) => (await odile.ask<LessonView>('GET', `/api/lessons/${lesson.id}`)).body;
  const guest = (lesson: LessonView, name: string, visitor = server.visitor()) =>
    visitor.ask('POST', '/api/join/guest', { code: lesson.code, name });
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
  });
  afterEach(() => {
    for (const document of opened.splice(0)) document.leave();
  });
  afterAll(() => server.stop());

  test('signing out closes what is open by that session, and nothing that is open by another one', async () => {
    const lesson = await handOut(odile);
    const [here, elsewhere] = [await joinAs(server, lesson, 9), await joinAs(server, lesson, 9)];
    const [left, kept] = [keep(await workOf(here)), keep(await workOf(elsewhere))];
    await here.ask('DELETE', '/api/session/student');
    await until(() => left.closed);
    const teacher = await server.odile();
    const deck = keep(await teacher.open('deck:night-walk', 'teacher').settled());
    await teacher.ask('DELETE', '/api/session');
    await until(() => deck.closed);
    writeWorkChanges(kept.doc, [{ part: 'blanks', id: 'blank-low', value: 'still here' }]);
    await kept.sent();
    expect(kept.closed).toBe(false);
  });

  test('who guesses elsewhere locks nobody out of the device they are known on, nor a teacher', async () => {
    const lesson = await handOut(odile);
    const mine = await joinAs(server, lesson, 16);
    const guess = (visitor: Visitor, pin: string) =>
      visitor.ask('POST', '/api/join', { code: lesson.code, studentId: placeOf(16), pin });
    const stranger = server.visitor();
    for (let count = 0; count < 5; count += 1) expect((await guess(stranger, '0000')).status).toBe(401);
    expect((await guess(stranger, '2468')).status).toBe(429);
    await mine.ask('DELETE', '/api/session/student');
    expect((await guess(mine, '2468')).status).toBe(200);

    const credentials = { email: 'known@marrambay.example', password: 'ten letters and more' };
    const [known, other] = [await server.teacher('Nadia Quill', credentials.email), server.visitor()];
    for (let count = 0; count < 6; count += 1)
      await other.ask('POST', '/api/session', { ...credentials, password: 'guess' });
    expect((await other.ask('POST', '/api/session', credentials)).status).toBe(429);
    await known.ask('DELETE', '/api/session');
    expect((await known.ask('POST', '/api/session', credentials)).status).toBe(204);
    // A known device guesses no faster than anybody else.
    for (let count = 0; count < 5; count += 1)
      await known.ask('POST', '/api/session', { ...credentials, password: 'guess' });
    expect((await known.ask('POST', '/api/session', credentials)).status).toBe(429);
  });

  test('of PINs tried all at once no more are looked at than of PINs tried one by one', async () => {
    const lesson = await handOut(odile);
    const tries = Array.from({ length: 40 }, (_, at) =>
      server.visitor().ask('POST', '/api/join', { code: lesson.code, studentId: placeOf(3), pin: String(3000 + at) }),
    );
    const statuses = (await Promise.all(tries)).map(({ status }) => status);
    expect(statuses.filter((status) => status === 401)).toHaveLength(5);
    expect(statuses.filter((status) => status === 429)).toHaveLength(35);
    expect((await joinAs(server, lesson, 4)).cookieHeader).not.toBe('');
  });

  test('the right code and the right PIN get in, however many wrong codes came from the same address', async () => {
    const lesson = await handOut(odile);
    const wrong = await Promise.all(
      Array.from({ length: 70 }, (_, at) => server.visitor().ask('GET', `/api/join/NOPE-${100 + at}`)),
    );
    expect(wrong.filter(({ status }) => status === 429)).toHaveLength(10);
    expect((await server.visitor().ask('GET', `/api/join/${lesson.code}`)).status).toBe(200);
    expect((await seatOf(await joinAs(server, lesson, 5))).length).toBeGreaterThan(0);
  });

  const endings: [string, (place: number, lesson: LessonView, participantId: string) => Promise<number>][] = [
    [
      'whose PIN is reset',
      async (place) => (await odile.ask('DELETE', `/api/classes/6-heron/students/${placeOf(place)}/pin`)).status,
    ],
    [
      'whose PIN is reset on the board',
      async (_place, lesson, id) =>
        (await odile.ask('DELETE', `/api/lessons/${lesson.id}/participants/${id}/pin`)).status,
    ],
    [
      'who is removed on the board',
      async (_place, lesson, id) => (await odile.ask('DELETE', `/api/lessons/${lesson.id}/participants/${id}`)).status,
    ],
    [
      'who is erased',
      async (place) => (await odile.ask('DELETE', `/api/classes/6-heron/students/${placeOf(place)}`)).status,
    ],
    ['whose class gets new cards', async () => (await odile.ask('POST', '/api/classes/6-heron/pins')).status],
  ];
  test.each(endings)('the sessions and sockets of a student %s end at once', async (name, end) => {
    const place = 10 + endings.findIndex(([each]) => each === name);
    const lesson = await handOut(odile);
    const student = await joinAs(server, lesson, place);
    const id = await seatOf(student);
    const work = keep(await workOf(student));
    const heard = keep(await student.open(`lesson:${lesson.id}`, 'student').settled());
    expect([200, 204]).toContain(await end(place, lesson, id));
    await until(() => work.closed && heard.closed);
    expect((await student.ask('GET', '/api/my-lesson')).status).toBe(401);
    const again = keep(await student.open(`work:${lesson.id}:${id}`, 'student').settled());
    expect(again.refused).toBe(true);
  });

  test('somebody removed comes in again only when let in, and finds what they did', async () => {
    const lesson = await handOut(odile, { terms: { guests: true } });
    const kit = server.visitor();
    await guest(lesson, 'Kit', kit);
    const id = await seatOf(kit);
    writeWorkChanges(keep(await workOf(kit)).doc, [{ part: 'blanks', id: 'blank-low', value: 'eels' }]);
    await odile.ask('DELETE', `/api/lessons/${lesson.id}/participants/${id}`);
    expect((await board(lesson)).participants.map(({ name }) => name)).not.toContain('Kit');
    expect((await board(lesson)).removed).toEqual([{ participantId: id, name: 'Kit' }]);
    expect((await kit.ask('GET', '/api/my-lesson')).status).toBe(401);
    const restored = await odile.ask<LessonView>('POST', `/api/lessons/${lesson.id}/participants/${id}/restore`);
    expect(restored.body.participants.find(({ name }) => name === 'Kit')).toMatchObject({ participantId: id });
    expect(restored.body.removed).toEqual([]);
  });

  test('a student who was removed is told so at the door', async () => {
    const lesson = await handOut(odile);
    // Cards were printed above, so this one sets a PIN of their own.
    const pins = (await odile.ask<NewPins>('POST', '/api/classes/6-heron/pins')).body;
    const come = () =>
      server.visitor().ask('POST', '/api/join', { code: lesson.code, studentId: placeOf(20), pin: pins[placeOf(20)] });
    const id = (await come()).body['participantId'];
    await odile.ask('DELETE', `/api/lessons/${lesson.id}/participants/${String(id)}`);
    expect(await come()).toMatchObject({ status: 403, body: { code: 'removed' } });
    await odile.ask('POST', `/api/lessons/${lesson.id}/participants/${String(id)}/restore`);
    expect(await come()).toMatchObject({ status: 200, body: { participantId: id } });
  });

  test('a guest called like a group, a classmate or another guest is refused and never theirs', async () => {
    await odile.ask('PATCH', '/api/classes/6-heron/students/heron-21', { group: 'Terns' });
    const lesson = await handOut(odile, { workMode: 'copy-per-group', terms: { guests: true } });
    const listed = (await server.visitor().ask<JoinView>('GET', `/api/join/${lesson.code}`)).body.students;
    const classmate = listed[0]?.name ?? '';
    for (const name of [
      'Terns',
      ' terns ',
      classmate.toUpperCase(),
      `${classmate.slice(0, 3)}\u200b${classmate.slice(3)}`,
    ]) {
      const { status, body } = await guest(lesson, name);
      expect([name, status, (body as { code?: string }).code]).toEqual([name, 409, expect.stringMatching(/^name-/)]);
    }
    const [one, other] = await Promise.all([guest(lesson, 'Kit'), guest(lesson, 'Kit')]);
    expect([one.status, other.status].sort()).toEqual([200, 409]);
    expect((await guest(lesson, '\u200b \u2060')).status).toBe(422);
  });

  test('a group that comes after a guest of its name has work of its own', async () => {
    const lesson = await handOut(odile, { workMode: 'copy-per-group', terms: { guests: true } });
    const early = server.visitor();
    await guest(lesson, 'Dunlins', early);
    await odile.ask('PATCH', '/api/classes/6-heron/students/heron-22', { group: 'Dunlins' });
    const pins = (await odile.ask<NewPins>('POST', '/api/classes/6-heron/pins')).body;
    const member = await server
      .visitor()
      .ask<MyLessonView>('POST', '/api/join', { code: lesson.code, studentId: 'heron-22', pin: pins['heron-22'] });
    expect(member.body.owner).toBe('Dunlins');
    expect(member.body.participantId).not.toBe(await seatOf(early));
    const rows = (await board(lesson)).participants.filter(({ name }) => name === 'Dunlins');
    expect(rows.map(({ isGuest }) => isGuest).sort()).toEqual([false, true]);
  });

  test('where somebody is, is said only by themselves: those who follow and those in the lesson say nothing', async () => {
    const lesson = await handOut(odile, { terms: { guests: true } });
    const [shows, follows] = [server.visitor(), server.visitor()];
    await guest(lesson, 'Shows', shows);
    await guest(lesson, 'Follows', follows);
    const mine = keep(await workOf(shows));
    const name = mine.provider.configuration.name;
    const led = keep(await odile.open(`lesson:${lesson.id}`, 'teacher').settled());
    const seat = await seatOf(shows);
    changeLesson(led.doc, ({ allowed }) => ({ showing: seat, allowed: { ...allowed, following: true } }));
    await led.sent();
    const followed = keep(await follows.open(name, 'student').settled());
    const lessonOfFollower = keep(await follows.open(`lesson:${lesson.id}`, 'student').settled());
    const screen = keep(await odile.open(name, 'teacher').settled());
    followed.provider.setAwarenessField('stop', { slideId: 'elsewhere' });
    lessonOfFollower.provider.setAwarenessField('flood', 'x'.repeat(1000));
    mine.provider.setAwarenessField('stop', { slideId: 'here' });
    const said = (document: OpenedDocument) => [...(document.provider.awareness?.getStates().values() ?? [])];
    await until(() => said(screen).some((state) => JSON.stringify(state).includes('here')));
    expect(JSON.stringify(said(screen))).not.toContain('elsewhere');
    expect(JSON.stringify(said(mine))).not.toContain('elsewhere');
    expect(JSON.stringify(said(led))).not.toContain('flood');
    expect([followed.closed, lessonOfFollower.closed]).toEqual([false, false]);
  });
});
