import { type Problem, purposeOfAccount } from '@gobrel/contract';
import { payToll, type Toll } from '@gobrel/core/toll';
import { DataSource } from 'typeorm';
import { AttemptsService } from './accounts/index.js';
import { placeFrom } from './place.js';
import { TestServer } from './testing/test-server.js';

describe('accounts', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
  });
  afterAll(() => server.stop());
  const account = { name: 'Nadia Quill', email: 'Nadia@marrambay.example', password: 'ten letters and more' };

  test('an account is created once; the same address in other letters is taken', async () => {
    const visitor = server.visitor();
    expect((await visitor.ask('POST', '/api/accounts', account)).status).toBe(201);
    expect((await visitor.ask('GET', '/api/session')).body).toMatchObject({ teacher: { name: 'Nadia Quill' } });
    const again = await server.visitor().ask('POST', '/api/accounts', { ...account, email: 'nadia@MARRAMBAY.example' });
    expect(again).toMatchObject({ status: 409, body: { fields: { email: expect.any(String) } } });
  });

  test('signing in, out, and with a wrong password', async () => {
    const visitor = server.visitor();
    const { email, password } = account;
    expect((await visitor.ask('POST', '/api/session', { email, password: 'wrong' })).status).toBe(401);
    const signedIn = await visitor.ask('POST', '/api/session', { email, password });
    expect(signedIn.headers.get('set-cookie')).toMatch(/HttpOnly; SameSite=Lax/);
    expect((await visitor.ask('GET', '/api/decks')).status).toBe(200);
    await visitor.ask('DELETE', '/api/session');
    expect((await visitor.ask('GET', '/api/decks')).status).toBe(401);
  });

  test('the language a teacher chose is theirs on every device; what is none is refused', async () => {
    const visitor = server.visitor();
    const { email, password } = account;
    await visitor.ask('POST', '/api/session', { email, password });
    expect((await visitor.ask('GET', '/api/session')).body).toMatchObject({ teacher: { language: null } });
    expect((await visitor.ask('PUT', '/api/accounts/language', { language: 'es' })).status).toBe(204);
    for (const language of ['', 'Español', 7, null, '"><b>', 'a'.repeat(40)])
      expect((await visitor.ask('PUT', '/api/accounts/language', { language })).status).toBe(422);
    const elsewhere = server.visitor();
    await elsewhere.ask('POST', '/api/session', { email, password });
    expect((await elsewhere.ask('GET', '/api/session')).body).toMatchObject({ teacher: { language: 'es' } });
    expect((await server.visitor().ask('PUT', '/api/accounts/language', { language: 'es' })).status).toBe(401);
  });

  test('guessing a password is slowed down, and says for how long', async () => {
    const visitor = server.visitor();
    const guess = () => visitor.ask('POST', '/api/session', { email: 'guess@marrambay.example', password: 'guess' });
    for (let count = 0; count < 5; count += 1) expect((await guess()).status).toBe(401);
    const slowed = await guess();
    expect(slowed).toMatchObject({
      status: 429,
      body: { code: 'too-many-attempts', values: { seconds: expect.any(Number) } },
    });
  });

  test('pauses grow with every five tries, are made no longer by trying on, and end with the right password', async () => {
    const database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
    const subject = `teacher:${account.email.toLowerCase()}`;
    const later = (seconds: number) =>
      database.query(`UPDATE failed_attempt SET last_at = last_at - make_interval(secs => $2) WHERE subject = $1`, [
        subject,
        seconds,
      ]);
    const sign = (password: string) =>
      server
        .visitor()
        .ask<{ values?: { seconds: number } }>('POST', '/api/session', { email: account.email, password });
    const wrong = async () => (await sign('wrong')).status;
    const pause = async () => (await sign('wrong')).body.values?.seconds ?? 0;
    for (let count = 0; count < 5; count += 1) expect(await wrong()).toBe(401);
    expect(await pause()).toBeLessThanOrEqual(60);
    await later(61);
    for (let count = 0; count < 5; count += 1) expect(await wrong()).toBe(401);
    const [second, again] = [await pause(), await pause()];
    expect(second).toBeGreaterThan(60);
    expect(again).toBeLessThanOrEqual(second);
    await later(121);
    expect((await sign(account.password)).status).toBe(204);
    expect(await wrong()).toBe(401);
    await database.destroy();
  });

  test('fields that are wrong are named with a code, unknown ones are refused', async () => {
    const answer = await server.visitor().ask('POST', '/api/accounts', { name: '', email: 'x', password: 'y' });
    expect(answer).toMatchObject({
      status: 422,
      body: { fields: { name: expect.any(String), email: expect.any(String), password: expect.any(String) } },
    });
    expect((await server.visitor().ask('POST', '/api/session', { ...account, admin: true })).status).toBe(422);
  });

  test('what may be done so often a minute may be done so often every minute', async () => {
    const attempts = server.app.get(AttemptsService);
    const database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
    for (let minute = 0; minute < 3; minute += 1) {
      for (let count = 0; count < 10; count += 1) {
        await attempts.countWithin('a class', 10);
        await database.query(`UPDATE failed_attempt SET last_at = last_at - interval '5 s' WHERE subject = 'a class'`);
      }
      await expect(attempts.countWithin('a class', 10)).rejects.toMatchObject({
        problem: { code: 'too-many-attempts' },
      });
      await database.query(`UPDATE failed_attempt SET last_at = last_at - interval '10 s' WHERE subject = 'a class'`);
    }
    await database.destroy();
  });

  test('behind TLS cookies go no other way, and browsers are told to come no other way', async () => {
    const place = placeFrom({ GOBREL_PUBLIC_ADDRESS: 'https://gobrel.school.example' });
    const behind = await TestServer.start({ place });
    const { headers } = await behind.visitor().ask('POST', '/api/accounts', account);
    expect(headers.get('set-cookie')).toContain('Secure');
    expect(headers.get('strict-transport-security')).toContain('max-age=31536000');
    await behind.stop();
    const { headers: plain } = await server.visitor().ask('GET', '/api/health');
    expect(plain.get('strict-transport-security')).toBeNull();
  });

  test('whoever makes accounts without end is slowed down; others at their address still make one, and sign in', async () => {
    const make = (email: string, toll?: string) =>
      server.visitor().ask<Problem>('POST', '/api/accounts', { ...account, email, toll });
    const made = await Promise.all(
      Array.from({ length: 90 }, (_, count) => make(`loop-${count}@marrambay.example`, '1.1')),
    );
    expect(made.filter(({ status }) => status === 201).length).toBeLessThanOrEqual(60);
    expect(made.at(-1)).toMatchObject({ status: 429, body: { code: 'toll' } });
    const email = 'Elowen@marrambay.example';
    const asked = await make(email);
    if (asked.body.code !== 'toll') throw new Error('no toll');
    const toll = payToll(purposeOfAccount(email), asked.body.values as Toll);
    expect((await make('another@marrambay.example', toll)).status).toBe(429);
    expect((await make(email, toll)).status).toBe(201);
    // What was paid is for this account, which there is now.
    expect((await make(email, toll)).status).toBe(409);
    const { password } = account;
    expect((await server.visitor().ask('POST', '/api/session', { email: account.email, password })).status).toBe(204);
  });

  test('security headers allow no inline script', async () => {
    const { headers } = await server.visitor().ask('GET', '/api/health');
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
  });
});

describe('decks in a library', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
  });
  afterAll(() => server.stop());

  test('a deck is started, renamed, copied, deleted and taken back', async () => {
    const teacher = await server.teacher();
    const { body: deck } = await teacher.ask<{ id: string }>('POST', '/api/decks', { title: 'Tides' });
    const titles = async () =>
      (await teacher.ask<{ title: string }[]>('GET', '/api/decks')).body.map(({ title }) => title).sort();
    expect((await teacher.ask('PATCH', `/api/decks/${deck.id}`, { title: 'Tides and moon' })).status).toBe(200);
    await teacher.ask('POST', `/api/decks/${deck.id}/copy`, { title: 'Tides and moon (copy)' });
    expect(await titles()).toEqual(['Tides and moon', 'Tides and moon (copy)']);
    await teacher.ask('DELETE', `/api/decks/${deck.id}`);
    expect(await titles()).toEqual(['Tides and moon (copy)']);
    await teacher.ask('POST', `/api/decks/${deck.id}/restore`);
    expect(await titles()).toEqual(['Tides and moon', 'Tides and moon (copy)']);
  });
});
