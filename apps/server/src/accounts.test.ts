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

  test('fields that are wrong are named with a code, unknown ones are refused', async () => {
    const answer = await server.visitor().ask('POST', '/api/accounts', { name: '', email: 'x', password: 'y' });
    expect(answer).toMatchObject({
      status: 422,
      body: { fields: { name: expect.any(String), email: expect.any(String), password: expect.any(String) } },
    });
    expect((await server.visitor().ask('POST', '/api/session', { ...account, admin: true })).status).toBe(422);
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
