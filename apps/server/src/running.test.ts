/** Lessons as they run: terms, groups, guests, corrections, reviews, turns, keeping. */
import type {
  ClassView,
  CorrectionView,
  GradebookView,
  JoinView,
  LessonMarks,
  LessonView,
  MyLessonView,
  OthersWork,
  ReviewView,
} from '@gobrel/contract';
import { addItem, emptyDeck, addSlide, applyChanges, type Deck } from '@gobrel/core/deck';
import {
  changeLesson,
  readLessonDocument,
  readWorkDocument,
  writeChanges,
  writeLessonChange,
  writeWorkChanges,
} from '@gobrel/core/shared-doc';
import { unzipSync, strFromU8 } from 'fflate';
import { DataSource } from 'typeorm';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
});
afterAll(() => server.stop());

const pin = '2468';
const mine = async (student: Visitor) => (await student.ask<MyLessonView>('GET', '/api/my-lesson')).body;
const board = async ({ id }: LessonView) => (await odile.ask<LessonView>('GET', `/api/lessons/${id}`)).body;
const fill = async (student: Visitor, id: string, value: string) => {
  const work = await workOf(student);
  writeWorkChanges(work.doc, [{ part: 'blanks', id, value }]);
  await work.sent();
  work.leave();
};
const blankOf = async (lesson: LessonView, student: Visitor, id: string) => {
  const { participantId } = await mine(student);
  const { body } = await odile.ask<LessonMarks>('GET', `/api/lessons/${lesson.id}/marks`);
  return body[participantId]?.work.blanks[id];
};
const submit = (student: Visitor, key = 'key-number-1') =>
  student.ask<MyLessonView>('POST', '/api/my-lesson/submission', { key });

describe('handing out', () => {
  test('to some students only: the others are not listed and do not get in', async () => {
    const lesson = await handOut(odile, { terms: { students: ['heron-01', 'heron-02'] } });
    const { body } = await server.visitor().ask<JoinView>('GET', `/api/join/${lesson.code}`);
    expect(body.students.map(({ name }) => name)).toEqual(['Amaro Finch', 'Bexley Tarn']);
    const refused = await server.visitor().ask('POST', '/api/join', { code: lesson.code, studentId: 'heron-03', pin });
    expect(refused.status).toBe(404);
    expect((await odile.ask('POST', '/api/lessons', { ...lesson, terms: { students: ['nobody'] } })).status).toBe(422);
  });

  test('to anybody with the code: guests by first name, each name once', async () => {
    const lesson = await handOut(odile, { classId: null });
    const guest = server.visitor();
    const come = (visitor: Visitor, name: string) =>
      visitor.ask<MyLessonView>('POST', '/api/join/guest', { code: lesson.code, name });
    expect((await come(guest, ' Kit ')).body).toMatchObject({ name: 'Kit', className: '' });
    expect(await come(server.visitor(), 'Kit')).toMatchObject({ status: 409, body: { code: 'name-in-use' } });
    await fill(guest, 'blank-low', 'low');
    expect((await board(lesson)).participants).toMatchObject([{ name: 'Kit', isGuest: true }]);
  });

  test('before it opens nobody comes in', async () => {
    const lesson = await handOut(odile, { terms: { opensAt: Date.now() + 60_000 } });
    expect(await server.visitor().ask('GET', `/api/join/${lesson.code}`)).toMatchObject({
      status: 409,
      body: { code: 'not-open-yet' },
    });
  });

  test('a copy per group: its members work in one, and one submission is everybody’s', async () => {
    for (const place of ['05', '06'])
      await odile.ask('PATCH', `/api/classes/6-heron/students/heron-${place}`, { group: 'Terns' });
    const lesson = await handOut(odile, { workMode: 'copy-per-group' });
    const [elowen, farid, greta] = [
      await joinAs(server, lesson, 5),
      await joinAs(server, lesson, 6),
      await joinAs(server, lesson, 7),
    ];
    expect((await mine(elowen)).participantId).toBe((await mine(farid)).participantId);
    expect(await mine(farid)).toMatchObject({ owner: 'Terns', members: ['Elowen Pike'], name: 'Farid Moss' });
    await fill(elowen, 'blank-low', 'low');
    const his = await workOf(farid);
    await until(() => readWorkDocument(his.doc).blanks['blank-low'] === 'low');
    his.leave();
    await submit(farid);
    expect((await mine(elowen)).submission?.number).toBe(1);
    expect((await mine(greta)).submission).toBeNull();
    const row = (await board(lesson)).participants.find(({ name }) => name === 'Terns');
    expect(row).toMatchObject({
      members: [{ name: 'Elowen Pike' }, { name: 'Farid Moss' }],
      submission: { number: 1 },
    });
  });

  test('two of the same name are told apart', async () => {
    const { body: made } = await odile.ask<ClassView>('POST', '/api/classes', {
      name: '6 Tern',
      students: ['Ana Lima', 'Ana Lima', 'Pelé'],
      groups: ['North', 'South'],
    });
    expect(made.students.map(({ name }) => name)).toEqual(['Ana Lima (1)', 'Ana Lima (2)', 'Pelé']);
    expect(made.students.map(({ group }) => group).sort()).toEqual(['', 'North', 'South']);
  });
});

describe('due', () => {
  const dueSoon = () => handOut(odile, { terms: { dueAt: Date.now() + 1500, late: false } });
  const collected = (student: Visitor) => until(async () => (await mine(student)).submission?.collected === true);

  test('when the time is over, what is there is handed in, in time, and connected devices are shut', async () => {
    const lesson = await dueSoon();
    const [student, idle] = [await joinAs(server, lesson, 1), await joinAs(server, lesson, 4)];
    const work = await workOf(student);
    writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-low', value: 'in mid-sent' }]);
    await work.sent();
    await collected(student);
    expect((await mine(student)).submission).toMatchObject({ number: 1, late: false, collected: true });
    expect((await mine(idle)).submission).toBeNull();
    writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-low', value: 'too late' }]);
    await new Promise((resolve) => setTimeout(resolve, 400));
    expect(await blankOf(lesson, student, 'blank-low')).toBe('in mid-sent');
    expect(await submit(idle)).toMatchObject({ status: 409, body: { code: 'too-late' } });
    work.leave();
    const { body } = await odile.ask<LessonMarks>('GET', `/api/lessons/${lesson.id}/marks`);
    expect(body[(await mine(student)).participantId]?.work.blanks['blank-low']).toBe('in mid-sent');
  });

  test('devices are told that the time is over by the process they are connected to, whichever collected', async () => {
    const second = await TestServer.start({ databaseUrl: server.databaseUrl });
    try {
      const lesson = await dueSoon();
      const students = [await joinAs(server, lesson, 6), await joinAs(second, lesson, 7)];
      const works = await Promise.all(students.map(workOf));
      const shut = works.map(({ provider }) => {
        const heard: string[] = [];
        provider.on('stateless', ({ payload }: { payload: string }) => heard.push(payload));
        return () => heard.some((payload) => payload.includes('"writing"') && payload.includes('false'));
      });
      for (const [at, { doc }] of works.entries())
        writeWorkChanges(doc, [{ part: 'blanks', id: 'blank-low', value: `in mid-sentence ${at}` }]);
      await Promise.all(works.map((work) => work.sent()));
      for (const isShut of shut) await until(isShut);
      for (const student of students) await collected(student);
      for (const work of works) work.leave();
    } finally {
      await second.stop();
    }
  });

  test('what was submitted is collected no second time; more time gives back what was collected', async () => {
    const lesson = await dueSoon();
    const [early, student] = [await joinAs(server, lesson, 2), await joinAs(server, lesson, 3)];
    await fill(early, 'blank-low', 'done');
    await submit(early);
    await fill(student, 'blank-low', 'not yet');
    await collected(student);
    expect(await mine(early)).toMatchObject({ tries: 1, submission: { collected: false } });
    await odile.ask('PATCH', `/api/lessons/${lesson.id}`, { terms: { dueAt: Date.now() + 60_000 } });
    expect(await mine(student)).toMatchObject({ tries: 0, submission: null });
    expect(await mine(early)).toMatchObject({ tries: 1, submission: { number: 1 } });
    await fill(student, 'blank-low', 'now');
    expect((await submit(student)).body.submission).toMatchObject({ number: 1, late: false, collected: false });
  });

  test('where late work is taken nothing is shut, and it counts as late', async () => {
    const lesson = await handOut(odile, { terms: { dueAt: Date.now() - 60_000, late: true } });
    const student = await joinAs(server, lesson, 5);
    await fill(student, 'blank-low', 'late');
    expect((await submit(student)).body.submission).toMatchObject({ number: 1, late: true, collected: false });
    expect(await student.ask('DELETE', '/api/my-lesson/submission')).toMatchObject({ status: 409 });
  });

  test('into a closed lesson come those who have been in it, to see their returned work, and nobody else', async () => {
    const lesson = await handOut(odile, { terms: { guests: true } });
    const student = await joinAs(server, lesson, 7);
    await fill(student, 'blank-low', 'low');
    const { body: submitted } = await submit(student);
    await odile.ask('PUT', `/api/lessons/${lesson.id}/reviews/${submitted.participantId}`, {
      review: { overruled: {}, comments: [{ id: 'c1', slideId: 'tides', spot: null, text: 'Good.', praise: null }] },
    });
    await odile.ask('POST', `/api/lessons/${lesson.id}/release`, {});
    await odile.ask('POST', `/api/lessons/${lesson.id}/close`);
    const { body: door } = await server.visitor().ask<JoinView>('GET', `/api/join/${lesson.code}`);
    expect(door).toMatchObject({ closed: true, guests: false, students: [{ id: 'heron-07' }] });
    const again = await joinAs(server, lesson, 7);
    expect((await mine(again)).review?.comments).toMatchObject([{ text: 'Good.' }]);
    const work = await workOf(again);
    expect(work.provider.authorizedScope).toBe('readonly');
    work.leave();
    const come = { code: lesson.code, studentId: 'heron-08', pin: '2468' };
    expect((await server.visitor().ask('POST', '/api/join', come)).status).toBe(410);
    const guest = { code: lesson.code, name: 'Kit' };
    expect((await server.visitor().ask('POST', '/api/join/guest', guest)).status).toBe(410);
    const empty = await handOut(odile);
    await odile.ask('POST', `/api/lessons/${empty.id}/close`);
    expect((await server.visitor().ask('GET', `/api/join/${empty.code}`)).status).toBe(410);
  });

  test('after the last attempt a submission stays', async () => {
    const lesson = await handOut(odile, { terms: { attempts: 1 } });
    const student = await joinAs(server, lesson, 2);
    await submit(student);
    expect(await student.ask('DELETE', '/api/my-lesson/submission')).toMatchObject({
      status: 409,
      body: { code: 'stays-submitted' },
    });
    expect((await mine(student)).mayTakeBack).toBe(false);
  });
});

describe('a correction', () => {
  test('shows for whom something changes, and loses no work', async () => {
    const { body: copy } = await odile.ask<{ id: string }>('POST', '/api/decks/shore-zones/copy');
    const lesson = await handOut(odile, { deckId: copy.id });
    const student = await joinAs(server, lesson, 3);
    await fill(student, 'blank-low', 'slack');
    const deck = await odile.open(`deck:${copy.id}`, 'teacher').settled();
    writeChanges(deck.doc, [{ type: 'set-item', id: 'blank-low', fields: { accepted: ['slack'] } }]);
    await deck.sent();
    const { body: view } = await odile.ask<CorrectionView>('GET', `/api/lessons/${lesson.id}/correction`);
    const { participantId } = await mine(student);
    expect(view.affected).toEqual([{ participantId, stranded: 0, points: { before: 0, after: 1 } }]);
    writeChanges(deck.doc, [{ type: 'remove-item', id: 'blank-low' }]);
    await deck.sent();
    deck.leave();
    const work = await workOf(student);
    const before = (await mine(student)).edition;
    await odile.ask('POST', `/api/lessons/${lesson.id}/correction`);
    expect((await mine(student)).edition).not.toBe(before);
    // What fits no more is kept, and is no reason to refuse what comes after it, also on the connection that stands.
    writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-moon', value: 'moon' }]);
    await until(async () => (await blankOf(lesson, student, 'blank-moon')) === 'moon');
    expect(await blankOf(lesson, student, 'blank-low')).toBe('slack');
    work.leave();
  });

  test('a question that was not planned is put in, answered, and survives a correction', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(server, lesson, 4);
    const empty = emptyDeck('Q');
    const withSlide = applyChanges(empty, addSlide(empty, { id: 'q', name: 'Asked now' }));
    const slide = applyChanges(withSlide, addItem(withSlide, { id: 'now', slideId: 'q', kind: 'short-text' }));
    const put = await odile.ask<LessonView>('POST', `/api/lessons/${lesson.id}/slides`, { after: 'start', slide });
    expect(put.status).toBe(200);
    const { body: edition } = await student.ask<Deck>('GET', '/api/my-lesson/edition');
    const asked = Object.values(edition.items).find(({ kind }) => kind === 'short-text' && edition.slides['start']);
    const [question] = Object.values(edition.items).filter(
      (item) => edition.slides[item.slideId]?.name === 'Asked now',
    );
    expect(asked && question).toBeDefined();
    const work = await workOf(student);
    writeWorkChanges(work.doc, [{ part: 'answers', id: question?.id ?? '', value: { kind: 'words', text: 'Fog' } }]);
    await work.sent();
    work.leave();
    await odile.ask('POST', `/api/lessons/${lesson.id}/correction`);
    const { body: after } = await student.ask<Deck>('GET', '/api/my-lesson/edition');
    expect(Object.values(after.slides).map(({ name }) => name)).toContain('Asked now');
  });
});

describe('reviewing', () => {
  test('marks are overruled, commented, seen when released, and work is given back for another try', async () => {
    const lesson = await handOut(odile, { terms: { marks: 'released', key: 'released' } });
    const student = await joinAs(server, lesson, 5);
    await fill(student, 'blank-low', 'lo');
    const { body: submitted } = await submit(student);
    expect(submitted).toMatchObject({ points: null, feedback: {}, review: null });
    const comment = {
      id: 'c1',
      slideId: 'tides',
      spot: { x: 10, y: 10 },
      text: 'Nearly!',
      praise: 'star',
      spoken: null,
    };
    const review = { overruled: { 'blank-low': { points: 1, why: 'I know what you mean.' } }, comments: [comment] };
    const path = `/api/lessons/${lesson.id}/reviews/${submitted.participantId}`;
    expect((await odile.ask<ReviewView>('PUT', path, { review })).body).toMatchObject({ review, releasedAt: null });
    expect((await mine(student)).review).toBeNull();
    await odile.ask('POST', `/api/lessons/${lesson.id}/release`, {});
    const seen = await mine(student);
    expect(seen.points?.points).toBe(1);
    expect(seen.review).toMatchObject({ comments: [comment], marks: { items: { 'blank-low': { verdict: 'right' } } } });
    await odile.ask('POST', `${path}/return`);
    expect(await mine(student)).toMatchObject({ submission: null, tries: 1, returnedAt: expect.any(String) });
    await fill(student, 'blank-low', 'low');
    const { body: again } = await submit(student, 'key-number-2');
    expect(again).toMatchObject({ tries: 2, review: { changed: ['blank-low'] } });
    const { body: book } = await odile.ask<GradebookView>('GET', '/api/classes/6-heron/gradebook');
    const graded = book.lessons.find(({ id }) => id === lesson.id);
    expect(graded?.results).toMatchObject({ 'heron-05': { points: 1 } });
    expect(Object.keys(graded?.results ?? {})).toEqual(['heron-05']);
  });

  test('a return is undone: the submission stands again, and what was not to be seen yet is not', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(server, lesson, 6);
    await fill(student, 'blank-low', 'lo');
    const { body: submitted } = await submit(student);
    const path = `/api/lessons/${lesson.id}/reviews/${submitted.participantId}`;
    await odile.ask('PUT', path, { review: { overruled: {}, comments: [] } });
    await odile.ask('POST', `${path}/return`);
    expect(await mine(student)).toMatchObject({ submission: null });
    const undo = () => odile.ask('POST', `${path}/return/undo`, { releasedAt: null, returnedAt: null });
    expect((await undo()).status).toBe(200);
    expect(await mine(student)).toMatchObject({ submission: { number: 1 }, review: null, returnedAt: null });
    expect(await undo()).toMatchObject({ status: 409, body: { code: 'went-on' } });
    await odile.ask('POST', `${path}/return`);
    await submit(student, 'key-number-2');
    expect(await undo()).toMatchObject({ status: 409, body: { code: 'went-on' } });
  });

  test('the work of others is seen where the terms let it be seen, and not before', async () => {
    const lesson = await handOut(odile, { terms: { others: 'submitted' } });
    const [hollis, ines] = [await joinAs(server, lesson, 8), await joinAs(server, lesson, 9)];
    await fill(ines, 'blank-low', 'low');
    await submit(ines);
    const others = async () => (await hollis.ask<OthersWork>('GET', '/api/my-lesson/others')).body;
    expect(await others()).toEqual([]);
    await submit(hollis);
    expect(await others()).toMatchObject([{ name: 'Ines Calder', work: { blanks: { 'blank-low': 'low' } } }]);
  });
});

describe('showing', () => {
  test('others follow a turn on their devices only while it lasts and the teacher lets them', async () => {
    const lesson = await handOut(odile);
    const [jory, kaia] = [await joinAs(server, lesson, 10), await joinAs(server, lesson, 11)];
    const { participantId } = await mine(jory);
    const state = await odile.open(`lesson:${lesson.id}`, 'teacher').settled();
    const look = () => kaia.open(`work:${lesson.id}:${participantId}`, 'student').settled();
    const refused = await look();
    expect(refused.refused).toBe(true);
    refused.leave();
    writeLessonChange(state.doc, {
      showing: participantId,
      allowed: { hands: true, following: true, applause: true, questions: true },
    });
    await state.sent();
    const follows = await look();
    expect(follows.refused).toBe(false);
    writeWorkChanges(follows.doc, [{ part: 'blanks', id: 'blank-low', value: 'mischief' }]);
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(await blankOf(lesson, jory, 'blank-low')).toBeUndefined();
    await kaia.ask('POST', '/api/my-lesson/signals', { applause: true, question: 'How deep is it?' });
    await until(() => readLessonDocument(state.doc).applause === 1);
    expect(readLessonDocument(state.doc).asked).toMatchObject([{ text: 'How deep is it?' }]);
    writeLessonChange(state.doc, { showing: null });
    await until(() => follows.closed);
    follows.leave();
    state.leave();
  });

  test('a student steers nothing: the lesson document takes nothing from them', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(server, lesson, 12);
    const state = await student.open(`lesson:${lesson.id}`, 'student').settled();
    changeLesson(state.doc, () => ({ dark: true }));
    await new Promise((resolve) => setTimeout(resolve, 300));
    const teachers = await odile.open(`lesson:${lesson.id}`, 'teacher').settled();
    expect(readLessonDocument(teachers.doc).dark).toBe(false);
    state.leave();
    teachers.leave();
  });
});

describe('keeping', () => {
  test('a lesson is reopened, taken along, and used again without answers', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(server, lesson, 13);
    await fill(student, 'blank-low', 'low');
    await submit(student);
    await odile.ask('POST', `/api/lessons/${lesson.id}/close`);
    expect((await odile.ask<LessonView>('POST', `/api/lessons/${lesson.id}/reopen`)).body.closedAt).toBeNull();
    const response = await fetch(`${server.address}/api/lessons/${lesson.id}/file`, {
      headers: { cookie: odile.cookieHeader },
    });
    const files = unzipSync(new Uint8Array(await response.arrayBuffer()));
    expect(Object.keys(files)).toEqual(
      expect.arrayContaining(['lesson.json', 'edition.json', 'work.json', 'submissions.json', 'reviews.json']),
    );
    expect(strFromU8(files['work.json'] ?? new Uint8Array())).toContain('"blank-low": "low"');
    expect(Object.keys(files).some((name) => name.startsWith('pictures/'))).toBe(true);
    const again = await odile.ask<LessonView>('POST', `/api/lessons/${lesson.id}/again`, { classId: '6-heron' });
    expect(again.body).toMatchObject({ edition: lesson.edition, title: lesson.title });
    expect(again.body.participants.every(({ participantId }) => participantId === null)).toBe(true);
  });

  test('a student who moves keeps their work; one who asks is told everything, and erased', async () => {
    const { body: tern } = await odile.ask<ClassView>('POST', '/api/classes', { name: '6 Plover', students: ['Ada'] });
    const lesson = await handOut(odile);
    const student = await joinAs(server, lesson, 14);
    await fill(student, 'blank-low', 'low');
    await submit(student);
    const { participantId } = (await student.ask<MyLessonView>('GET', '/api/my-lesson')).body;
    const led = await odile.open(`lesson:${lesson.id}`, 'teacher').settled();
    changeLesson(led.doc, () => ({
      hands: [participantId],
      turnList: [participantId],
      asked: [{ id: 'q', participantId, text: 'What does Noor want to know?' }],
    }));
    await led.sent();
    led.leave();
    await server.visitor().ask('POST', '/api/join', { code: lesson.code, studentId: 'heron-14', pin: '0000' });
    const path = '/api/classes/6-heron/students/heron-14';
    expect((await odile.ask('PATCH', path, { classId: tern.id })).status).toBe(204);
    expect((await board(lesson)).participants.find(({ key }) => key === 'heron-14')?.submission?.number).toBe(1);
    const moved = `/api/classes/${tern.id}/students/heron-14`;
    const { body: data } = await odile.ask<{ name: string; lessons: object[] }>('GET', `${moved}/data`);
    expect(data.name).toBe('Noor Ashby');
    expect(data.lessons).toContainEqual(
      expect.objectContaining({ work: expect.objectContaining({ blanks: { 'blank-low': 'low' } }) }),
    );
    expect((await odile.ask('DELETE', moved)).status).toBe(204);
    expect((await board(lesson)).participants.some(({ key }) => key === 'heron-14')).toBe(false);
    expect((await student.ask('GET', '/api/my-lesson')).status).toBe(401);
    for (const trace of [participantId, 'heron-14', 'What does Noor want to know?'])
      await until(async () => (await tablesWith(trace)).length === 0);
  });

  /** The tables in which something stands, as text or within bytes. */
  async function tablesWith(trace: string): Promise<string[]> {
    const database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
    const tables = await database.query<{ name: string }[]>(
      `SELECT table_name AS name FROM information_schema.tables WHERE table_schema = 'public'`,
    );
    const hex = Buffer.from(trace).toString('hex');
    const found: string[] = [];
    for (const { name } of tables) {
      const rows = await database.query<unknown[]>(
        `SELECT 1 FROM "${name}" AS one WHERE strpos(one::text, $1) > 0 OR strpos(one::text, $2) > 0 LIMIT 1`,
        [trace, hex],
      );
      if (rows.length > 0) found.push(name);
    }
    await database.destroy();
    return found;
  }

  test('a class is put away and taken back; its PINs are given anew and told once', async () => {
    const { body: made } = await odile.ask<ClassView>('POST', '/api/classes', {
      name: '6 Knot',
      students: ['Bo', 'Cy'],
    });
    const put = await odile.ask<ClassView>('PATCH', `/api/classes/${made.id}`, { archived: true });
    expect(put.body.archivedAt).not.toBeNull();
    expect(
      (await odile.ask<ClassView>('PATCH', `/api/classes/${made.id}`, { archived: false })).body.archivedAt,
    ).toBeNull();
    const { body: pins } = await odile.ask<Record<string, string>>('POST', `/api/classes/${made.id}/pins`);
    expect(Object.values(pins).every((each) => /^\d{4}$/.test(each))).toBe(true);
    const lesson = await handOut(odile, { classId: made.id });
    const [bo] = made.students;
    const come = (given: string) =>
      server.visitor().ask('POST', '/api/join', { code: lesson.code, studentId: bo?.id, pin: given });
    expect((await come(pins[bo?.id ?? ''] === '0000' ? '1111' : '0000')).status).toBe(401);
    expect((await come(pins[bo?.id ?? ''] ?? '')).status).toBe(200);
  });
});
