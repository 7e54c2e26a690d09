/** The server stands: whatever one device sends, everybody else's lesson goes on. */
import { execSync } from 'node:child_process';
import { Agent, get } from 'node:http';
import { connect } from 'node:net';
import type { HandOut, LessonMarks } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import {
  changeLesson,
  readDeckDocument,
  readLessonDocument,
  readWorkDocument,
  writeChanges,
  writeWorkChanges,
} from '@gobrel/core/shared-doc';
import { workLimits } from '@gobrel/core/work';
import { DataSource } from 'typeorm';
import * as Y from 'yjs';
import { SyncService } from './sync/index.js';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { storedJson } from './testing/stored-document.js';
import { type OpenedDocument, TestServer, until, type Visitor } from './testing/test-server.js';

/** What a socket is answered when it asks to be upgraded at an address: the first line. */
function upgradeAt(server: TestServer, path: string): Promise<string> {
  const { hostname, port } = new URL(server.address);
  return new Promise((resolve, reject) => {
    let said = '';
    const socket = connect(Number(port), hostname, () => {
      socket.write(
        `GET ${path} HTTP/1.1\r\nHost: x\r\nConnection: Upgrade\r\nUpgrade: websocket\r\n` +
          'Sec-WebSocket-Version: 13\r\nSec-WebSocket-Key: AAAAAAAAAAAAAAAAAAAAAA==\r\n\r\n',
      );
    });
    socket.on('data', (bytes) => (said += bytes.toString()));
    socket.on('close', () => resolve(said.split('\r\n', 1)[0] ?? ''));
    socket.on('error', reject);
  });
}

/** Puts a map into a map that holds a map that holds a map … */
function nest(into: Y.Map<unknown>, name: string, levels: number): void {
  let current = into;
  for (let level = 0; level < levels; level += 1) {
    const inner = new Y.Map<unknown>();
    current.set(level === 0 ? name : 'in', inner);
    current = inner;
  }
}

describe('a server that stands', () => {
  let server: TestServer;
  let odile: Visitor;
  let database: DataSource;
  const unheard: unknown[] = [];
  const note = (reason: unknown) => unheard.push(reason);
  const opened: OpenedDocument[] = [];
  const open = async (visitor: Visitor, name: string) => {
    const document = await visitor.open(name, 'teacher').settled();
    opened.push(document);
    return document;
  };
  const stored = (name: string) => storedJson(database, name);
  beforeAll(async () => {
    process.on('unhandledRejection', note);
    server = await TestServer.startWithSample();
    odile = await server.odile();
    database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
  });
  afterEach(() => {
    for (const document of opened.splice(0)) document.leave();
    expect(unheard).toEqual([]);
  });
  afterAll(async () => {
    process.off('unhandledRejection', note);
    await database.destroy();
    await server.stop();
  });

  test.each(['//', '//[', '/sync/..//', '/elsewhere', 'http://[', '*'])(
    'a socket asked for at %s is refused in order',
    async (path) => {
      expect(await upgradeAt(server, path)).toMatch(/^HTTP\/1\.1 40[0-9]/);
      expect((await odile.ask('GET', '/api/decks')).status).toBe(200);
    },
  );

  const putStrange = (doc: Y.Doc) =>
    doc.transact(() => {
      for (const root of ['slides', 'items', 'sections', 'deck']) {
        const map = doc.getMap(root);
        map.set('words', 'a text');
        map.set('count', 7);
        map.set('text', new Y.Text('a text'));
        map.set('__proto__', new Y.Map([['kind', 'text']]));
        nest(map, 'deep', 4000);
      }
    });

  test('a connection rests longer than a proxy keeps it, so that none is closed as a request goes out on it', async () => {
    const seconds = await new Promise<string>((resolve, reject) => {
      const agent = new Agent({ keepAlive: true });
      get(`${server.address}/api/health`, { agent }, (answer) => {
        answer.resume();
        agent.destroy();
        resolve(/timeout=(\d+)/.exec(String(answer.headers['keep-alive']))?.[1] ?? '');
      }).on('error', reject);
    });
    expect(Number(seconds)).toBeGreaterThan(60);
  });

  test('what no deck has is refused before anybody else sees it', async () => {
    const [document, other] = [await open(odile, 'deck:exit-questions'), await open(odile, 'deck:exit-questions')];
    const before = JSON.stringify(readDeckDocument(other.doc));
    putStrange(document.doc);
    await until(() => document.closed);
    expect(JSON.stringify(readDeckDocument(other.doc))).toBe(before);
    expect(other.doc.getMap('slides').has('words')).toBe(false);
    expect(await stored('deck:exit-questions')).toBe(before);
  });

  test('a deck whose document was stored with what no deck has is read and written without it', async () => {
    const { id } = (await odile.ask<{ id: string }>('POST', '/api/decks', { title: 'Odd' })).body;
    const rows = await database.query<{ state: Buffer }[]>('SELECT state FROM shared_document WHERE name = $1', [
      `deck:${id}`,
    ]);
    const strange = new Y.Doc();
    for (const { state } of rows) Y.applyUpdate(strange, state);
    putStrange(strange);
    await database.query('UPDATE shared_document SET state = $2 WHERE name = $1', [
      `deck:${id}`,
      Buffer.from(Y.encodeStateAsUpdate(strange)),
    ]);
    const document = await open(odile, `deck:${id}`);
    writeChanges(document.doc, [{ type: 'set-deck', fields: { title: 'Still here' } }]);
    await document.sent();
    expect(await stored(`deck:${id}`)).toContain('Still here');
    expect(Object.keys(readDeckDocument(document.doc).slides)).not.toContain('words');
    expect((await odile.ask('GET', '/api/decks')).status).toBe(200);
  });

  test('NUL and half letters are taken out of what is stored, and nobody’s work waits for it', async () => {
    const lesson = await handOut(odile);
    const [one, other] = [await joinAs(server, lesson, 3), await joinAs(server, lesson, 4)];
    const [odd, plain] = [await workOf(one), await workOf(other)];
    opened.push(odd, plain);
    writeWorkChanges(odd.doc, [{ part: 'blanks', id: 'blank-low', value: 'l\0ow \ud83d tide' }]);
    writeWorkChanges(plain.doc, [{ part: 'blanks', id: 'blank-low', value: 'low 🦀' }]);
    await Promise.all([odd.sent(), plain.sent()]);
    expect(await stored(plain.provider.configuration.name)).toContain('low 🦀');
    expect(await stored(odd.provider.configuration.name)).toMatch(/low .? tide/);
  });

  test('a title with NUL is cleaned; an address with it, or one that cannot be read, is refused in words', async () => {
    const made = await odile.ask<{ id: string; title: string }>('POST', '/api/decks', { title: 'Eels\0 \ud83d!' });
    expect(made).toMatchObject({ status: 201, body: { title: 'Eels !' } });
    const renamed = await odile.ask('PATCH', `/api/decks/${made.body.id}`, { title: 'Crabs\0' });
    expect(renamed).toMatchObject({ status: 200, body: { title: 'Crabs' } });
    for (const address of ['/api/decks/%00', '/api/decks/a%', '/api/join/%00', '/%00', '/api/decks?x=%00']) {
      const { status, body } = await odile.ask<{ code: string }>('GET', address);
      expect([address, status, body.code]).toEqual([address, 400, 'bad-address']);
    }
    const deep = `${'['.repeat(5000)}${']'.repeat(5000)}`;
    const answer = await fetch(`${server.address}/api/decks`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie: odile.cookieHeader },
      body: `{"title":"x","deck":${deep}}`,
    });
    expect(answer.status).toBe(400);
  });

  test('an answer nested thousands deep is refused, and the board still opens', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(server, lesson, 5);
    const document = await workOf(student);
    opened.push(document);
    document.doc.transact(() => nest(document.doc.getMap('answers'), 'driest', 4000));
    await until(() => document.closed);
    const marks = await odile.ask<LessonMarks>('GET', `/api/lessons/${lesson.id}/marks`);
    expect(marks.status).toBe(200);
  });

  test('a student who fills every limit is let in again and goes on', async () => {
    const lesson = await handOut(odile, { deckId: 'night-watch' } as Partial<HandOut>);
    const student = await joinAs(server, lesson, 6);
    const { items } = (await student.ask<Deck>('GET', '/api/my-lesson/edition')).body;
    const idOf = (kind: string) => Object.entries(items).find(([, item]) => item.kind === kind)?.[0] ?? '';
    const document = await workOf(student);
    opened.push(document);
    const [draw, spoken, long] = [idOf('draw'), idOf('spoken'), idOf('long-text')];
    const rows = Math.floor(workLimits.allPoints / 2000);
    writeWorkChanges(document.doc, [
      { part: 'answers', id: long, value: { kind: 'words', text: '潮'.repeat(workLimits.longText) } },
      {
        part: 'answers',
        id: spoken,
        value: { kind: 'sound', bytes: 'A'.repeat(workLimits.recording), type: 'audio/webm', seconds: 60 },
      },
      ...Array.from({ length: rows }, (_, row) => ({
        part: 'drawn' as const,
        id: `k${row}`,
        value: {
          itemId: draw,
          tool: 'pen' as const,
          color: '#1d2b2a',
          width: 4,
          points: Array.from({ length: 2000 }, (_none, at) => at * 7),
        },
      })),
    ]);
    await document.sent();
    await document.drop();
    await document.back();
    writeWorkChanges(document.doc, [
      { part: 'answers', id: long, value: { kind: 'words', text: `${'潮'.repeat(workLimits.longText - 1)}!` } },
    ]);
    await document.sent();
    expect(await stored(document.provider.configuration.name)).toContain('潮!');
    expect(Object.keys(readWorkDocument(document.doc).drawn)).toHaveLength(rows);
  });

  test('a server that stops takes nobody in again: those it sends away come back at once, and would hold it up', async () => {
    const stopping = await TestServer.start();
    expect(await upgradeAt(stopping, '/nowhere')).toContain('404');
    const ready = () => stopping.visitor().ask('GET', '/api/ready');
    expect(await ready()).toMatchObject({ status: 200 });
    await stopping.app.get(SyncService).beforeApplicationShutdown();
    expect(await ready()).toMatchObject({ status: 503, body: { code: 'stopping' } });
    expect(await upgradeAt(stopping, '/sync')).toBe('HTTP/1.1 503 Service Unavailable');
    await stopping.stop();
  });

  test('with the database away a turn ends without anything left unheard', async () => {
    const control = (command: string) =>
      execSync(`${process.env['TEST_DATABASE_CONTROL']} ${command}`, { stdio: 'ignore', cwd: '/' });
    const lesson = await handOut(odile);
    const [shows, follows] = [await joinAs(server, lesson, 7), await joinAs(server, lesson, 8)];
    const mine = await workOf(shows);
    const participantId = mine.provider.configuration.name.split(':')[2] ?? '';
    const led = await open(odile, `lesson:${lesson.id}`);
    changeLesson(led.doc, ({ allowed }) => ({ showing: participantId, allowed: { ...allowed, following: true } }));
    await led.sent();
    const followed = await follows.open(mine.provider.configuration.name, 'student').settled();
    opened.push(mine, followed);
    expect(followed.refused).toBe(false);
    expect(await stored(`lesson:${lesson.id}`)).toContain(participantId);
    const watched = await open(odile, `lesson:${lesson.id}`);
    control('-m fast -w stop');
    try {
      changeLesson(led.doc, () => ({ showing: null }));
      await until(() => readLessonDocument(watched.doc).showing === null);
    } finally {
      control('-w start');
    }
    await until(async () => (await odile.ask('GET', '/api/ready')).status === 200);
    expect(unheard).toEqual([]);
  });
});
