/** Caring for what is kept: ages, what nobody uses, who did what, and what the server says of itself. */
import type { BinView, LessonView, SharesView, ShownDeck } from '@gobrel/contract';
import { emptyDeck } from '@gobrel/core/deck';
import { writeWorkChanges } from '@gobrel/core/shared-doc';
import { DataSource } from 'typeorm';
import { AGES, ClearingOutService } from './care/clearing-out.service.js';
import { createLog } from './log.js';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

const lines: string[] = [];
let server: TestServer;
let odile: Visitor;
let database: DataSource;
const count = async (query: string, values: readonly unknown[] = []) =>
  Number((await database.query<{ n: string }[]>(`SELECT count(*) AS n ${query}`, [...values]))[0]?.n);
const clearOut = () => server.app.get(ClearingOutService).clearOut();

beforeAll(async () => {
  server = await TestServer.startWithSample({ log: createLog({ write: (line) => void lines.push(line) }) });
  odile = await server.odile();
  database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
});
afterAll(async () => {
  await database.destroy();
  await server.stop();
});

describe('clearing out', () => {
  test('a deleted deck can be restored until it is gone, with its document and versions', async () => {
    const { body: deck } = await odile.ask<{ id: string }>('POST', '/api/decks', { title: 'Old tides' });
    const name = `deck:${deck.id}`;
    await odile.ask('POST', `/api/decks/${deck.id}/versions`, { name: 'First' });
    await odile.ask('DELETE', `/api/decks/${deck.id}`);
    await clearOut();
    expect(await count('FROM shared_document WHERE name = $1', [name])).toBe(1);
    await database.query('UPDATE deck SET deleted_at = now() - make_interval(days => $2) WHERE id = $1', [
      deck.id,
      AGES.bin + 1,
    ]);
    await clearOut();
    expect(await count('FROM deck WHERE id = $1', [deck.id])).toBe(0);
    expect(await count('FROM deck_version WHERE deck_id = $1', [deck.id])).toBe(0);
    expect(await count('FROM shared_document WHERE name = $1', [name])).toBe(0);
    expect((await odile.ask<BinView>('GET', '/api/bin')).body.decks).toEqual([]);
  });

  test('a picture that stands nowhere goes after some days, and one that is used again stays', async () => {
    const form = new FormData();
    const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="40" height="40"><rect width="9" height="9"/></svg>';
    form.set('picture', new Blob([svg], { type: 'image/svg+xml' }), 'tide.svg');
    const { body: picture } = await odile.ask<{ id: string }>('POST', '/api/pictures', form);
    const used = await count('FROM picture');
    const isThere = () => count('FROM picture WHERE id = $1', [picture.id]);
    const grow = () =>
      database.query('UPDATE unused_content SET since = now() - make_interval(days => $1)', [AGES.unused + 1]);
    await clearOut();
    expect(await isThere()).toBe(1);
    // On a slide again before its time was over.
    const { body: deck } = await odile.ask<{ id: string }>('POST', '/api/decks', { title: 'Used' });
    await database.query(
      `UPDATE shared_document SET snapshot = jsonb_set(snapshot, '{title}', to_jsonb($2::text)) WHERE name = $1`,
      [`deck:${deck.id}`, picture.id],
    );
    await grow();
    await clearOut();
    expect(await isThere()).toBe(1);
    await database.query(
      `UPDATE shared_document SET snapshot = jsonb_set(snapshot, '{title}', '"x"') WHERE name = $1`,
      [`deck:${deck.id}`],
    );
    await clearOut();
    await grow();
    await clearOut();
    expect(await isThere()).toBe(0);
    expect(await count('FROM content_keeper WHERE content_id = $1', [picture.id])).toBe(0);
    expect(await count('FROM picture')).toBe(used - 1);
  });

  test('documents that belong to nothing, ended sessions, old tries and devices go; everything else stays', async () => {
    await database.query(
      `INSERT INTO document_update (name, bytes) VALUES ('work:gone:gone', ''), ('lesson:gone', ''), ('deck:gone', '')`,
    );
    await database.query(`UPDATE known_device SET last_at = now() - interval '200 days'`);
    await database.query(
      `INSERT INTO failed_attempt (subject, count, last_at) VALUES ('x', 1, now() - interval '9 days')`,
    );
    await database.query(
      `INSERT INTO session (token_hash, teacher_id, expires_at) SELECT 'ended', id, now() - interval '1 s' FROM teacher LIMIT 1`,
    );
    await database.query(`INSERT INTO audit_entry (act, at) VALUES ('PINs made', now() - interval '800 days')`);
    const documents = await count('FROM shared_document');
    const sessions = await count('FROM session');
    await clearOut();
    expect(await count(`FROM document_update WHERE name LIKE '%gone%'`)).toBe(0);
    expect(await count('FROM known_device')).toBe(0);
    expect(await count(`FROM failed_attempt WHERE subject = 'x'`)).toBe(0);
    expect(await count('FROM session')).toBe(sessions - 1);
    expect(await count(`FROM audit_entry WHERE at < now() - interval '790 days'`)).toBe(0);
    expect(await count('FROM shared_document')).toBe(documents);
  });
});

describe('erasing', () => {
  test('a class deck is kept with names as they may be seen', async () => {
    const { body: deck } = await odile.ask<{ id: string }>('POST', '/api/decks', {
      title: 'Cards',
      deck: { ...emptyDeck('Cards'), ...(await classDeck()) },
    });
    const lesson = await handOut(odile, { deckId: deck.id, workMode: 'slide-each' });
    (await workOf(await joinAs(server, lesson, 12))).leave();
    const { body } = await odile.ask<LessonView>('GET', `/api/lessons/${lesson.id}`);
    const name = body.participants.find(({ key }) => key === 'heron-12')?.name ?? '';
    const kept = async (names: string) => {
      const answer = await odile.ask<{ id: string }>('POST', `/api/lessons/${lesson.id}/deck`, { names });
      const found = await database.query<{ text: string }[]>(
        'SELECT snapshot::text AS text FROM shared_document WHERE name = $1',
        [`deck:${answer.body.id}`],
      );
      return found.map(({ text }) => text).join('');
    };
    expect(await kept('shown')).toContain(name);
    expect(await kept('shortened')).not.toContain(name);
    expect(await kept('shortened')).toContain(`${name.split(' ')[0]} `);
    expect(await kept('hidden')).not.toContain(name.split(' ')[0]);
    expect((await odile.ask('POST', `/api/lessons/${lesson.id}/deck`, { names: 'initials' })).status).toBe(422);
  });

  test('a student who is erased is in no kept class deck, nor in its versions, nor in what is shared of it', async () => {
    const { body: deck } = await odile.ask<{ id: string }>('POST', '/api/decks', {
      title: 'Cards',
      deck: { ...emptyDeck('Cards'), ...(await classDeck()) },
    });
    const lesson = await handOut(odile, { deckId: deck.id, workMode: 'slide-each' });
    const [gone, stays] = [await joinAs(server, lesson, 15), await joinAs(server, lesson, 16)];
    for (const student of [gone, stays]) (await workOf(student)).leave();
    const { body: kept } = await odile.ask<{ id: string }>('POST', `/api/lessons/${lesson.id}/deck`);
    await odile.ask('POST', `/api/decks/${kept.id}/versions`, { name: 'With all' });
    const namesIn = async (id: string) => {
      const { body } = await odile.ask<LessonView>('GET', `/api/lessons/${lesson.id}`);
      const everything = await database.query<{ text: string }[]>(
        `SELECT snapshot::text AS text FROM shared_document WHERE name = $1
         UNION ALL SELECT deck::text FROM deck_version WHERE deck_id = $2`,
        [`deck:${id}`, id],
      );
      return body.participants
        .map(({ name }) => name)
        .filter((name) => everything.some(({ text }) => text.includes(name)));
    };
    const before = await namesIn(kept.id);
    expect(before).toHaveLength(2);
    const published = await odile.ask<SharesView>('PUT', `/api/decks/${kept.id}/shares/show`, { newest: false });
    const shown = async () =>
      (await server.visitor().ask<ShownDeck>('GET', `/api/shows/${published.body.show?.address}`)).body;
    const name = (await odile.ask<LessonView>('GET', `/api/lessons/${lesson.id}`)).body.participants.find(
      ({ key }) => key === 'heron-15',
    )?.name;
    expect(JSON.stringify(await shown())).toContain(name);
    expect((await odile.ask('DELETE', '/api/classes/6-heron/students/heron-15')).status).toBe(204);
    expect(Object.keys((await shown()).deck.slides).length).toBeGreaterThan(0);
    expect(JSON.stringify(await shown())).not.toContain(name);
    const left = await database.query<{ n: string }[]>(
      `SELECT count(*) AS n FROM (
         SELECT snapshot::text AS text FROM shared_document WHERE name = $1
         UNION ALL SELECT deck::text FROM deck_version WHERE deck_id = $2) AS everything
       WHERE strpos(text, $3) > 0`,
      [`deck:${kept.id}`, kept.id, name],
    );
    expect(left).toEqual([{ n: '0' }]);
    expect(await namesIn(kept.id)).toHaveLength(1);
  });

  test('nor in copies of it, their versions, or lessons they were handed out to, which go on without the page', async () => {
    const { body: deck } = await odile.ask<{ id: string }>('POST', '/api/decks', {
      title: 'Cards',
      deck: { ...emptyDeck('Cards'), ...(await classDeck()) },
    });
    const lesson = await handOut(odile, { deckId: deck.id, workMode: 'slide-each' });
    for (const place of [21, 22]) (await workOf(await joinAs(server, lesson, place))).leave();
    const { body: kept } = await odile.ask<{ id: string }>('POST', `/api/lessons/${lesson.id}/deck`);
    const { body: copy } = await odile.ask<{ id: string }>('POST', `/api/decks/${kept.id}/copy`);
    await odile.ask('POST', `/api/decks/${copy.id}/versions`, { name: 'With all' });
    const again = await handOut(odile, { deckId: copy.id });
    const reader = await joinAs(server, again, 23);
    const nameAt = async (key: string) =>
      (await odile.ask<LessonView>('GET', `/api/lessons/${lesson.id}`)).body.participants.find(
        (each) => each.key === key,
      )?.name ?? '';
    const [gone, stays] = [await nameAt('heron-21'), await nameAt('heron-22')];
    const edition = async () => JSON.stringify((await reader.ask('GET', '/api/my-lesson/edition')).body);
    expect(await edition()).toContain(gone);
    const places = async (name: string) => {
      const rows = await database.query<{ n: number }[]>(
        `SELECT count(*)::int AS n FROM (
           SELECT snapshot::text AS text FROM shared_document WHERE name LIKE 'deck:%'
           UNION ALL SELECT deck::text FROM deck_version UNION ALL SELECT deck::text FROM edition) AS everything
         WHERE strpos(text, $1) > 0`,
        [name],
      );
      return rows[0]?.n ?? 0;
    };
    const before = await places(stays);
    expect(await places(gone)).toBeGreaterThanOrEqual(4);
    expect((await odile.ask('DELETE', '/api/classes/6-heron/students/heron-21')).status).toBe(204);
    expect(await places(gone)).toBe(0);
    expect(await places(stays)).toBeGreaterThanOrEqual(before);
    expect(await edition()).not.toContain(gone);
    expect(await edition()).toContain(stays);
  });

  /** A deck with a page for each student, from the sample scenario. */
  async function classDeck(): Promise<object> {
    const rows = await database.query<{ snapshot: { slides: object } }[]>(
      `SELECT snapshot FROM shared_document WHERE name LIKE 'deck:%' AND snapshot::text LIKE '%"class-page"%' LIMIT 1`,
    );
    return rows[0]?.snapshot ?? {};
  }
});

describe('who did what', () => {
  test('coming in, letting in and out, exporting and erasing are noted by ids; an erased student is in no entry', async () => {
    const lesson = await handOut(odile);
    const student = await joinAs(server, lesson, 17);
    const { participantId } = (await student.ask<{ participantId: string }>('GET', '/api/my-lesson')).body;
    const path = `/api/lessons/${lesson.id}/participants/${participantId}`;
    await odile.ask('DELETE', path);
    await odile.ask('POST', `${path}/restore`);
    await odile.ask('DELETE', `${path}/pin`);
    await odile.ask('GET', `/api/lessons/${lesson.id}/file`);
    await odile.ask('GET', '/api/classes/6-heron/students/heron-17/data');
    const acts = async () =>
      (
        await database.query<{ act: string }[]>(
          `SELECT act FROM audit_entry WHERE subject IN ($1, 'heron-17') OR place = $2 ORDER BY id`,
          [participantId, lesson.id],
        )
      ).map(({ act }) => act);
    expect(await acts()).toEqual([
      'student came in',
      'participant put out',
      'participant let in again',
      'PIN forgotten',
      'lesson exported',
      'student exported',
    ]);
    await odile.ask('DELETE', '/api/classes/6-heron/students/heron-17');
    expect(await count(`FROM audit_entry WHERE subject IN ($1, 'heron-17')`, [participantId])).toBe(0);
    expect(await count(`FROM audit_entry WHERE act = 'student erased' AND place = '6-heron'`)).toBeGreaterThan(0);
  });
});

describe('what the server says of itself', () => {
  test('the log is a line of JSON each, whatever people are called, and has no code, PIN, password, cookie or answer', async () => {
    const forged = 'Eve\n{"level":60,"msg":"forged"}\r\n';
    await odile.ask('POST', '/api/classes', { name: forged, students: [forged] });
    const lesson = await handOut(odile);
    await server.visitor().ask('POST', '/api/join', { code: lesson.code, studentId: 'heron-18', pin: '9173' });
    await server.visitor().ask('POST', '/api/session', { email: 'odile@marrambay.example', password: 'guessed-badly' });
    await server.visitor().ask('GET', `/api/join/${lesson.code}`);
    const student = await joinAs(server, lesson, 19);
    const work = await workOf(student);
    writeWorkChanges(work.doc, [{ part: 'blanks', id: 'blank-low', value: 'limpets-in-winter' }]);
    await work.sent();
    // Something that is refused, and said to be.
    work.doc.getMap('answers').set('blank-low\n{"level":60}', 'limpets-in-spring');
    await until(() => work.closed);
    work.leave();
    const all = lines.join('');
    expect(lines.length).toBeGreaterThan(10);
    for (const line of all.trimEnd().split('\n')) expect(() => JSON.parse(line)).not.toThrow();
    expect(all.split('\n').some((line) => line.startsWith('{"level":60'))).toBe(false);
    const cookies = [odile, student].flatMap(({ cookieHeader }) =>
      cookieHeader.split('; ').map((c) => c.split('=')[1]),
    );
    for (const secret of ['9173', 'guessed-badly', 'limpets-in', lesson.code, 'Eve', ...cookies])
      expect(all).not.toContain(secret);
    expect(all).toContain('"route":"/api/join/:code"');
  });

  test('figures are told to this machine, in the text format of monitors, and not to what a proxy passes on', async () => {
    const { body, headers } = await server.visitor().ask<string>('GET', '/metrics');
    expect(headers.get('content-type')).toContain('text/plain');
    expect(body).toMatch(
      /^gobrel_request_seconds_bucket\{le="0\.1",method="POST",route="\/api\/join",status="200"\} \d+$/m,
    );
    expect(body).toMatch(/^gobrel_open_documents \d+$/m);
    expect(body).toMatch(/^gobrel_written_changes_total [1-9]\d*$/m);
    expect(body).toMatch(/^gobrel_waiting_bytes 0$/m);
    expect(body).not.toContain('heron-');
    const through = await fetch(`${server.address}/metrics`, { headers: { 'x-forwarded-for': '127.0.0.1' } });
    expect(through.status).toBe(404);
  });
});
