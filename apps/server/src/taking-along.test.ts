/** Backups of decks and of everything somebody has, and leaving. */
import { createHash } from 'node:crypto';
import type { ClassView, DeckSummary, LessonView } from '@gobrel/contract';
import { contentsIn } from '@gobrel/core/deck';
import { backupSchema, readBackup } from '@gobrel/core/formats';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { strFromU8, unzipSync } from 'fflate';
import { DataSource } from 'typeorm';
import { handOut } from './testing/lessons.js';
import { TestServer, type Visitor } from './testing/test-server.js';

const PASSWORD = 'a sentence by the sea';

let server: TestServer;
let database: DataSource;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
});
afterAll(async () => {
  await database.destroy();
  await server.stop();
});

async function teacher(): Promise<{ who: Visitor; email: string }> {
  const who = server.visitor();
  const email = `nadia-${Math.random().toString(36).slice(2)}@marrambay.example`;
  expect((await who.ask('POST', '/api/accounts', { name: 'Nadia Quill', email, password: PASSWORD })).status).toBe(201);
  return { who, email };
}

/** A backup as its bytes. */
async function zipFrom(who: Visitor, path: string): Promise<Uint8Array> {
  const answer = await fetch(server.address + path, { headers: { cookie: who.cookieHeader } });
  expect(answer.status).toBe(200);
  expect(answer.headers.get('content-type')).toBe('application/zip');
  return new Uint8Array(await answer.arrayBuffer());
}

const jsonIn = (files: Record<string, Uint8Array>, name: string): unknown =>
  JSON.parse(strFromU8(files[name] ?? new Uint8Array()));

test('a deck is backed up with its pictures, as the schema in the zip says, and is read back whole', async () => {
  const odile = await server.odile();
  const bytes = await zipFrom(odile, '/api/decks/shore-zones/backup');
  const files = unzipSync(bytes);
  const ajv = new Ajv2020({ strict: false });
  const schema = jsonIn(files, 'schema.json') as typeof backupSchema;
  expect(schema).toEqual(JSON.parse(JSON.stringify(backupSchema)));
  expect(ajv.validate(schema, jsonIn(files, 'backup.json'))).toBe(true);
  expect(ajv.validate({ $ref: '#/$defs/deck', $defs: schema.$defs }, jsonIn(files, 'decks/001.json'))).toBe(true);
  const read = readBackup(bytes);
  if ('fault' in read) throw new Error(read.fault);
  expect(read.left).toEqual([]);
  const [only] = read.decks;
  expect(only?.title).toBe(only?.deck.title);
  const named = only ? contentsIn(only.deck) : [];
  expect(named.length).toBeGreaterThan(0);
  expect(read.contents.map(({ id }) => id).sort()).toEqual([...new Set(named)].sort());
  for (const content of read.contents)
    expect(createHash('sha256').update(content.bytes).digest('hex')).toBe(content.id);
});

test('whoever may only look at a deck, or not even that, gets no backup with its keys and notes', async () => {
  const { who, email } = await teacher();
  expect((await who.ask('GET', '/api/decks/shore-zones/backup')).status).toBe(404);
  const odile = await server.odile();
  const asked = await odile.ask('POST', '/api/decks/night-watch/authors', { email, may: 'view', until: null });
  expect(asked.status).toBeLessThan(300);
  expect((await who.ask('GET', '/api/decks/night-watch/backup')).status).toBe(403);
});

test('everything somebody has is one file: decks to be read back, and the rest as JSON beside them', async () => {
  const odile = await server.odile();
  const bytes = await zipFrom(odile, '/api/accounts/everything');
  const files = unzipSync(bytes);
  const read = readBackup(bytes);
  if ('fault' in read) throw new Error(read.fault);
  const { body: listed } = await odile.ask<DeckSummary[]>('GET', '/api/decks');
  expect(read.decks.map(({ title }) => title).sort()).toEqual(listed.map(({ title }) => title).sort());
  expect(jsonIn(files, 'account.json')).toMatchObject({ name: 'Odile Farrow', email: 'odile@marrambay.example' });
  expect(JSON.stringify(jsonIn(files, 'classes.json'))).toContain('Yuki Thorne');
  const lessons = Object.keys(files).filter((name) => /^lessons\/.*\/work\.json$/.test(name));
  expect(lessons.length).toBeGreaterThan(0);
  expect(JSON.stringify(jsonIn(files, 'account.json'))).not.toMatch(/password|argon/i);
});

describe('leaving', () => {
  test('takes the password, and a wrong one takes nothing', async () => {
    const { who } = await teacher();
    expect((await who.ask('POST', '/api/accounts/leave', { present: 'not this one' })).status).toBe(422);
    expect((await who.ask('GET', '/api/decks')).status).toBe(200);
  });

  test('nothing of somebody who left is kept: decks, lessons, work, classes, mail, sessions', async () => {
    const { who, email } = await teacher();
    const { body: deck } = await who.ask<DeckSummary>('POST', '/api/decks', { title: 'Only hers', opening: 'Tides' });
    const { body: group } = await who.ask<ClassView>('POST', '/api/classes', {
      name: '7 Curlew',
      students: ['Bertrand Onlyone'],
    });
    const lesson: LessonView = await handOut(who, { deckId: deck.id, classId: group.id });
    await who.ask('POST', '/api/units', { name: 'Tides' });
    await server.visitor().ask('POST', '/api/accounts/forgotten-password', { email });
    const { teacher: session } = (await who.ask<{ teacher: { id: string } }>('GET', '/api/session')).body;
    expect((await who.ask('POST', '/api/accounts/leave', { present: PASSWORD })).status).toBe(204);

    expect((await who.ask('GET', '/api/decks')).status).toBe(401);
    const names = ['Only hers', 'Bertrand Onlyone', '7 Curlew', email, session.id, deck.id, lesson.id, group.id];
    const tables = await database.query<{ table_name: string }[]>(
      `SELECT table_name FROM information_schema.tables WHERE table_schema = 'public' AND table_type = 'BASE TABLE'`,
    );
    for (const { table_name: table } of tables) {
      // Who did what stays for two years, by ids that nobody can be found by any more.
      if (table === 'audit_entry') continue;
      const rows = await database.query<{ row: string }[]>(`SELECT "${table}"::text AS row FROM "${table}"`);
      // An edition goes a week after nobody uses it any more, as pictures do.
      const kept = table === 'edition' ? [] : names.filter((name) => rows.some(({ row }) => row.includes(name)));
      expect([table, kept]).toEqual([table, []]);
    }
    expect((await server.visitor().ask('POST', '/api/session', { email, password: PASSWORD })).status).toBe(401);
  });

  test('what colleagues made of a deck stays theirs', async () => {
    const { who } = await teacher();
    const colleague = await teacher();
    const { body: deck } = await who.ask<DeckSummary>('POST', '/api/decks', { title: 'Lent', opening: 'Tides' });
    await who.ask('POST', `/api/decks/${deck.id}/authors`, { email: colleague.email, may: 'edit', until: null });
    const { body: copy } = await colleague.who.ask<DeckSummary>('POST', `/api/decks/${deck.id}/copy`, {
      title: 'Mine',
    });
    expect((await who.ask('POST', '/api/accounts/leave', { present: PASSWORD })).status).toBe(204);
    expect((await colleague.who.ask('GET', `/api/decks/${copy.id}`)).status).toBe(200);
    expect((await colleague.who.ask('GET', `/api/decks/${deck.id}`)).status).toBe(404);
  });
});
