import { execSync } from 'node:child_process';
import type { LessonMarks } from '@gobrel/contract';
import { DECK_VERSION } from '@gobrel/core/deck';
import {
  PAGE_FROM_BEFORE,
  readDeckDocument,
  readWorkDocument,
  writeChanges,
  writeWorkChanges,
} from '@gobrel/core/shared-doc';
import { WORK_VERSION } from '@gobrel/core/work';
import { DataSource } from 'typeorm';
import { storedJson } from './testing/stored-document.js';
import { OpenedDocument, TestServer, until, type Visitor } from './testing/test-server.js';

const participant = async (visitor: Visitor) =>
  (await visitor.ask<{ participantId: string }>('GET', '/api/my-lesson')).body.participantId;
const title = (text: string) => [{ type: 'set-deck' as const, fields: { title: text } }];

describe('shared documents', () => {
  let server: TestServer;
  let odile: Visitor;
  const opened: OpenedDocument[] = [];
  const open = async (visitor: Visitor, name: string, speaker: 'teacher' | 'student') => {
    const document = await visitor.open(name, speaker).settled();
    opened.push(document);
    return document;
  };
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
  });
  afterEach(() => {
    for (const document of opened.splice(0)) document.leave();
  });
  afterAll(() => server.stop());

  test('a deck open twice follows, and what is acknowledged is in the database', async () => {
    const [one, other] = [
      await open(odile, 'deck:night-walk', 'teacher'),
      await open(odile, 'deck:night-walk', 'teacher'),
    ];
    writeChanges(one.doc, title('Night walk, followed'));
    await until(() => readDeckDocument(other.doc).title === 'Night walk, followed');
    await one.sent();
    const database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
    expect(await storedJson(database, 'deck:night-walk')).toContain('Night walk, followed');
    await database.destroy();
  });

  test('nobody opens what is not theirs', async () => {
    const other = await server.teacher();
    const [first, second] = [await server.student(1), await server.student(2)];
    const theirs = `work:shore-lesson:${await participant(second)}`;
    const refusals: [Visitor, string, 'teacher' | 'student'][] = [
      [other, 'deck:night-walk', 'teacher'],
      [other, 'lesson:shore-lesson', 'teacher'],
      [other, theirs, 'teacher'],
      [first, theirs, 'student'],
      [first, 'deck:shore-zones', 'student'],
      [first, 'lesson:exit-lesson', 'student'],
      [server.visitor(), 'deck:night-walk', 'teacher'],
      [odile, 'nonsense', 'teacher'],
    ];
    for (const [visitor, name, speaker] of refusals) expect((await open(visitor, name, speaker)).refused).toBe(true);
  });

  test('a page from before an update is told so, and opens nothing it would misread', async () => {
    for (const [token, reason] of [
      ['teacher', PAGE_FROM_BEFORE],
      ['teacher 1 1', PAGE_FROM_BEFORE],
      [`teacher ${DECK_VERSION + 1} ${WORK_VERSION}`, PAGE_FROM_BEFORE],
      [`student ${DECK_VERSION} ${WORK_VERSION}`, 'permission-denied'],
    ] as const) {
      const document = await odile.open('deck:night-walk', 'teacher', token).settled();
      opened.push(document);
      expect(document).toMatchObject({ refused: true, reason });
    }
    // A lesson's document has one shape so far: what lasts in a lesson stays in sight.
    const lesson = await odile.open('lesson:shore-lesson', 'teacher', 'teacher').settled();
    opened.push(lesson);
    expect(lesson.refused).toBe(false);
  });

  test('a teacher reads a student’s work and cannot write it; a student reads the lesson and cannot write it', async () => {
    const student = await server.student(1);
    const name = `work:shore-lesson:${await participant(student)}`;
    const [mine, watched] = [await open(student, name, 'student'), await open(odile, name, 'teacher')];
    writeWorkChanges(watched.doc, [{ part: 'blanks', id: 'blank-low', value: 'by the teacher' }]);
    writeWorkChanges(mine.doc, [{ part: 'blanks', id: 'blank-moon', value: 'by me' }]);
    await until(() => readWorkDocument(watched.doc).blanks['blank-moon'] === 'by me');
    expect(readWorkDocument(mine.doc).blanks['blank-low']).not.toBe('by the teacher');
    const lesson = await open(student, 'lesson:shore-lesson', 'student');
    lesson.doc.getMap('lesson').set('showing', 'me');
    const teachers = await open(odile, 'lesson:shore-lesson', 'teacher');
    expect(teachers.doc.getMap('lesson').get('showing')).toBeUndefined();
  });

  const misfits: [string, (document: OpenedDocument) => void][] = [
    [
      'moves the backdrop',
      ({ doc }) => writeWorkChanges(doc, [{ part: 'pieces', id: 'species-1', value: { x: 1, y: 1, zoneId: null } }]),
    ],
    [
      'moves what is fixed',
      ({ doc }) => writeWorkChanges(doc, [{ part: 'pieces', id: 'splash-zone', value: { x: 1, y: 1, zoneId: null } }]),
    ],
    [
      'answers with a choice that is not there',
      ({ doc }) => writeWorkChanges(doc, [{ part: 'answers', id: 'driest', value: { kind: 'choice', picked: ['x'] } }]),
    ],
    [
      'writes outside the open area',
      ({ doc }) =>
        writeWorkChanges(doc, [
          {
            part: 'added',
            id: 'x',
            value: { kind: 'text', areaId: 'find-area', x: 0, y: 0, width: 9, height: 9, text: '', size: 24 },
          },
        ]),
    ],
    ['hides something beside the work', ({ doc }) => doc.getMap('slides').set('x', 1)],
    [
      'is endless',
      ({ doc }) =>
        writeWorkChanges(doc, [
          { part: 'answers', id: 'find-zone', value: { kind: 'words', text: 'x'.repeat(100_000) } },
        ]),
    ],
  ];
  test.each(misfits)('work that %s is refused by the server and reaches nobody', async (_name, write) => {
    const student = await server.student(4);
    const name = `work:shore-lesson:${await participant(student)}`;
    const before = JSON.stringify(readWorkDocument((await open(odile, name, 'teacher')).doc));
    const document = await open(student, name, 'student');
    write(document);
    await until(() => document.closed);
    const after = await open(await server.odile(), name, 'teacher');
    expect(JSON.stringify(readWorkDocument(after.doc))).toBe(before);
    expect([...after.doc.share.keys()]).not.toContain('slides');
  });

  test('what was typed a moment before the server stops is there when it starts again', async () => {
    const first = await TestServer.startWithSample();
    const document = await (await first.odile()).open('deck:shore-zones', 'teacher').settled();
    writeChanges(document.doc, title('The last word'));
    await document.sent();
    await first.stop();
    document.leave();
    const second = await TestServer.start({ databaseUrl: first.databaseUrl });
    const again = await (await second.odile()).open('deck:shore-zones', 'teacher').settled();
    expect(readDeckDocument(again.doc).title).toBe('The last word');
    again.leave();
    await second.stop();
  });
});

describe('while the database is gone', () => {
  const control = (command: string) =>
    execSync(`${process.env['TEST_DATABASE_CONTROL']} ${command}`, { stdio: 'ignore', cwd: '/' });

  test('for ten seconds, requests are refused in words, work goes on, nothing is acknowledged, and everything is stored when it is back', async () => {
    const server = await TestServer.startWithSample();
    const [odile, student] = [await server.odile(), await server.student(7)];
    const id = await participant(student);
    const document = await student.open(`work:shore-lesson:${id}`, 'student').settled();
    const watched = await odile.open(`work:shore-lesson:${id}`, 'teacher').settled();
    control('-m fast -w stop');
    try {
      expect(await odile.ask('GET', '/api/decks')).toMatchObject({ status: 503, body: { code: 'database-away' } });
      writeWorkChanges(document.doc, [{ part: 'blanks', id: 'blank-low', value: 'in the dark' }]);
      await until(() => readWorkDocument(watched.doc).blanks['blank-low'] === 'in the dark');
      await new Promise((resolve) => setTimeout(resolve, 10_000));
      expect(document.provider.unsyncedChanges).toBeGreaterThan(0);
    } finally {
      control('-w start');
    }
    await document.sent();
    await until(async () => (await odile.ask('GET', '/api/ready')).status === 200);
    for (const each of [document, watched]) each.leave();
    await server.stop();
    const again = await TestServer.start({ databaseUrl: server.databaseUrl });
    const { body } = await (await again.odile()).ask<LessonMarks>('GET', '/api/lessons/shore-lesson/marks');
    expect(body[id]?.work.blanks['blank-low']).toBe('in the dark');
    await again.stop();
  });
});
