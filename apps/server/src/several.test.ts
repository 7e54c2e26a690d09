/** Two processes on one database: what happens in one of them is followed in the other, over either carrier. */
import type { LessonView, MyLessonView } from '@gobrel/contract';
import { addItem, addSlide, applyChanges, type Deck, emptyDeck } from '@gobrel/core/deck';
import {
  readDeckDocument,
  readWorkDocument,
  writeChanges,
  writeLessonChange,
  writeWorkChanges,
} from '@gobrel/core/shared-doc';
import { createClient } from 'redis';
import { DataSource } from 'typeorm';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { OpenedDocument, TestServer, until, type Visitor } from './testing/test-server.js';

const title = (text: string) => [{ type: 'set-deck' as const, fields: { title: text } }];

/** Throws whoever listens out of the database, in mid-sentence. */
async function throwOutOfPostgres({ databaseUrl }: TestServer): Promise<void> {
  const database = await new DataSource({ type: 'postgres', url: databaseUrl }).initialize();
  await database.query(
    `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
     WHERE datname = current_database() AND pid <> pg_backend_pid() AND query LIKE '%gobrel%'`,
  );
  await database.destroy();
}

async function throwOutOfRedis(): Promise<void> {
  const redis = await createClient({ url: process.env['TEST_REDIS_URL'] ?? '' }).connect();
  await redis.sendCommand(['CLIENT', 'KILL', 'TYPE', 'pubsub']);
  redis.destroy();
}

const carriers: [name: string, url: () => string | null, throwOut: (server: TestServer) => Promise<void>][] = [
  ['PostgreSQL', () => null, throwOutOfPostgres],
  ['Redis', () => process.env['TEST_REDIS_URL'] ?? null, throwOutOfRedis],
];

test('Redis is there to be tried', () => {
  expect(process.env['TEST_REDIS_URL']).toMatch(/^redis:/);
});

describe.each(carriers)('two processes, over %s', (_name, url, throwOut) => {
  let one: TestServer;
  let other: TestServer;
  let odile: Visitor;
  const opened: OpenedDocument[] = [];
  const keep = (document: OpenedDocument): OpenedDocument => {
    opened.push(document);
    return document;
  };
  /** The same person with the same session, at the other process. */
  const atOther = (visitor: Visitor) => visitor.at(other);
  const lessonDocument = ({ id }: LessonView) => `lesson:${id}`;
  beforeAll(async () => {
    one = await TestServer.startWithSample({ redisUrl: url() });
    other = await TestServer.start({ databaseUrl: one.databaseUrl, redisUrl: url() });
    odile = await one.odile();
  });
  afterEach(() => {
    for (const document of opened.splice(0)) document.leave();
  });
  afterAll(async () => {
    await other.stop();
    await one.stop();
  });

  test('what a student writes at one is on the board at the other, and where they are, until they leave', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(one, lesson, 1);
    const mine = keep(await workOf(student));
    const name = `work:${lesson.id}:${(await student.ask<MyLessonView>('GET', '/api/my-lesson')).body.participantId}`;
    const board = keep(await atOther(odile).open(name, 'teacher').settled());
    writeWorkChanges(mine.doc, [{ part: 'blanks', id: 'blank-low', value: 'mussels' }]);
    mine.provider.setAwarenessField('stop', 7);
    const states = () => [...(board.provider.awareness?.getStates().values() ?? [])];
    await until(() => readWorkDocument(board.doc).blanks['blank-low'] === 'mussels');
    await until(() => states().some((state) => state['stop'] === 7));
    mine.leave();
    await until(() => !states().some((state) => state['stop'] === 7));
  });

  test('whoever opens a document later finds where those at the other one are', async () => {
    const first = keep(await odile.open('deck:night-walk', 'teacher').settled());
    first.provider.setAwarenessField('slide', 'pools');
    const second = keep(await atOther(odile).open('deck:night-walk', 'teacher').settled());
    await until(() =>
      [...(second.provider.awareness?.getStates().values() ?? [])].some((at) => at['slide'] === 'pools'),
    );
  });

  test('two who write at once come to the same, also with a change that is too large to be said', async () => {
    const [here, there] = [
      keep(await odile.open('deck:night-walk', 'teacher').settled()),
      keep(await atOther(odile).open('deck:night-walk', 'teacher').settled()),
    ];
    const slides = Object.keys(readDeckDocument(here.doc).slides);
    for (let round = 0; round < 30; round += 1) {
      const [a = '', b = ''] = [slides[round % slides.length], slides[(round + 1) % slides.length]];
      writeChanges(here.doc, [{ type: 'set-slide', id: a, fields: { notes: `here ${round}` } }]);
      writeChanges(there.doc, [{ type: 'set-slide', id: b, fields: { notes: `there ${round} ${'x'.repeat(9000)}` } }]);
    }
    writeChanges(here.doc, title('Both'));
    await Promise.all([here.sent(), there.sent()]);
    await until(() => JSON.stringify(readDeckDocument(here.doc)) === JSON.stringify(readDeckDocument(there.doc)));
    expect(readDeckDocument(there.doc).title).toBe('Both');
  });

  test('a session that ends, a seat that is taken away, and a co-author who goes are sent away at the other', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(one, lesson, 2);
    const theirs = keep(await workOf(atOther(student)));
    await student.ask('DELETE', '/api/session/student');
    await until(() => theirs.closed);

    const again = await joinAs(one, lesson, 3);
    const seat = keep(await workOf(atOther(again)));
    const { participantId } = (await again.ask<MyLessonView>('GET', '/api/my-lesson')).body;
    await odile.ask('DELETE', `/api/lessons/${lesson.id}/participants/${participantId}`);
    await until(() => seat.closed);
  });

  test('held answers, and those let go again, are so at the other', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(other, lesson, 4);
    const mine = keep(await workOf(student));
    const news: string[] = [];
    mine.provider.on('stateless', ({ payload }: { payload: string }) => news.push(payload));
    await odile.ask('POST', `/api/lessons/${lesson.id}/hold`, { held: true });
    await until(() => news.some((payload) => payload.includes('false')));
    await odile.ask('POST', `/api/lessons/${lesson.id}/hold`, { held: false });
    await until(() => news.some((payload) => payload.includes('true')));
    writeWorkChanges(mine.doc, [{ part: 'blanks', id: 'blank-low', value: 'after' }]);
    await mine.sent();
  });

  test('a slide put in at one takes answers at the other', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(other, lesson, 5);
    const mine = keep(await workOf(student));
    writeWorkChanges(mine.doc, [{ part: 'blanks', id: 'blank-low', value: 'before' }]);
    await mine.sent();
    const empty = emptyDeck('Q');
    const withSlide = applyChanges(empty, addSlide(empty, { id: 'q', name: 'Asked now' }));
    const slide = applyChanges(withSlide, addItem(withSlide, { id: 'now', slideId: 'q', kind: 'short-text' }));
    await odile.ask('POST', `/api/lessons/${lesson.id}/slides`, { after: 'start', slide });
    const { items, slides } = (await student.ask<Deck>('GET', '/api/my-lesson/edition')).body;
    const question = Object.values(items).find(({ slideId }) => slides[slideId]?.name === 'Asked now');
    // Over the connection that stands, by what that process knew of the lesson's edition.
    writeWorkChanges(mine.doc, [{ part: 'answers', id: question?.id ?? '', value: { kind: 'words', text: 'Fog' } }]);
    await mine.sent();
    expect(mine.closed).toBe(false);
  });

  test('a turn that ends at one is no longer followed at the other', async () => {
    const lesson = await handOut(odile);
    const [shown, watching] = [await joinAs(one, lesson, 6), await joinAs(other, lesson, 7)];
    const { participantId } = (await shown.ask<MyLessonView>('GET', '/api/my-lesson')).body;
    const board = keep(await odile.open(lessonDocument(lesson), 'teacher').settled());
    writeLessonChange(board.doc, {
      showing: participantId,
      allowed: { hands: true, following: true, applause: true, questions: true },
    });
    await board.sent();
    keep(await watching.open(lessonDocument(lesson), 'student').settled());
    const followed = keep(await watching.open(`work:${lesson.id}:${participantId}`, 'student').settled());
    expect(followed.refused).toBe(false);
    writeLessonChange(board.doc, { showing: null });
    await until(() => followed.closed);
  });

  test('what one says while the other hears nothing is there afterwards', async () => {
    const [here, there] = [
      keep(await odile.open('deck:shore-zones', 'teacher').settled()),
      keep(await atOther(odile).open('deck:shore-zones', 'teacher').settled()),
    ];
    for (let round = 0; round < 10; round += 1) {
      writeChanges(here.doc, title(`Zones ${round}`));
      if (round === 3) await throwOut(one);
      await here.sent();
    }
    await until(() => readDeckDocument(there.doc).title === 'Zones 9');
  });

  test('a lesson that is thrown away leaves nothing, whoever still writes at the other', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(other, lesson, 8);
    const mine = keep(await workOf(student));
    writeWorkChanges(mine.doc, [{ part: 'blanks', id: 'blank-low', value: 'soon gone' }]);
    await mine.sent();
    await odile.ask('POST', `/api/lessons/${lesson.id}/close`, {});
    expect((await odile.ask('DELETE', `/api/lessons/${lesson.id}`)).status).toBe(204);
    await until(() => mine.closed);
  });
});
