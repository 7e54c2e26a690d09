/** New passwords: by a link that a mail brings, and for whoever is signed in. */
import { type AddressInfo, connect } from 'node:net';
import type { OutboxMail } from '@gobrel/contract';
import { DataSource } from 'typeorm';
import { mailFrom, MailService } from './mail/index.js';
import { placeFrom } from './place.js';
import { smtpServer } from './testing/smtp-server.js';
import { TestServer, type Visitor } from './testing/test-server.js';

const FIRST = 'a sentence by the sea';
const SECOND = 'another one by the lamp';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.start();
});
afterAll(() => server.stop());

const outbox = async () => (await server.visitor().ask<OutboxMail[]>('GET', '/api/outbox')).body;
const signIn = async (email: string, password: string) =>
  (await server.visitor().ask('POST', '/api/session', { email, password })).status;
const isSignedIn = async (who: Visitor) =>
  (await who.ask<{ teacher: object | null }>('GET', '/api/session')).body.teacher;
const forgotten = (email: string) => server.visitor().ask('POST', '/api/accounts/forgotten-password', { email });
const set = (token: string, password: string) =>
  server.visitor().ask<{ code: string }>('POST', '/api/accounts/new-password', { token, password });
const tokenIn = (mail: OutboxMail | undefined) => /\/new-password\/([\w-]+)/.exec(mail?.text ?? '')?.[1] ?? '';

/** A new teacher with their address. */
async function teacher(): Promise<{ who: Visitor; email: string }> {
  const who = server.visitor();
  const email = `nadia-${Math.random().toString(36).slice(2)}@marrambay.example`;
  expect((await who.ask('POST', '/api/accounts', { name: 'Nadia Quill', email, password: FIRST })).status).toBe(201);
  return { who, email };
}

test('a link is mailed to whoever has the address, sets a password once, and signs out everywhere', async () => {
  const { who, email } = await teacher();
  expect((await forgotten(email.toUpperCase())).status).toBe(204);
  const [mail] = await outbox();
  expect(mail).toMatchObject({ to: email, subject: 'Choose a new Gobrel password' });
  expect(mail?.text).toContain(`${server.address}/new-password/`);
  const token = tokenIn(mail);
  expect((await set(token, 'marrambay')).status).toBe(422);
  expect((await set(token, 'password1234')).status).toBe(422);
  expect((await set(token, SECOND)).status).toBe(204);
  expect(await isSignedIn(who)).toBeNull();
  expect(await signIn(email, FIRST)).toBe(401);
  expect(await signIn(email, SECOND)).toBe(204);
  expect(await set(token, FIRST)).toMatchObject({ status: 410, body: { code: 'link-is-used-up' } });
});

test('of two who follow one link at once, one is too late; all other links of theirs end with it', async () => {
  const { email } = await teacher();
  await forgotten(email);
  await forgotten(email);
  const [newer, older] = await outbox();
  const answers = await Promise.all([set(tokenIn(newer), SECOND), set(tokenIn(newer), 'a third one by the gate')]);
  expect(answers.map(({ status }) => status).sort()).toEqual([204, 410]);
  expect((await set(tokenIn(older), FIRST)).status).toBe(410);
});

test('nobody is told who has an account, and nobody is flooded with mail', async () => {
  const { email } = await teacher();
  const before = (await outbox()).length;
  expect((await forgotten('nobody@marrambay.example')).status).toBe(204);
  expect((await outbox()).length).toBe(before);
  for (let asked = 0; asked < 5; asked += 1) expect((await forgotten(email)).status).toBe(204);
  expect((await outbox()).filter(({ to }) => to === email)).toHaveLength(3);
});

test('the outbox is not read through a proxy, nor by a name that leads here', async () => {
  const status = async (headers: Record<string, string>) => {
    const answer = await fetch(`${server.address}/api/outbox`, { headers });
    return answer.status;
  };
  expect(await status({})).toBe(200);
  expect(await status({ 'X-Forwarded-For': '10.0.0.7' })).toBe(404);
  expect(await asked({ Host: 'gobrel.school.example' })).toContain('404');
});

/** The first line of the answer to a request for the outbox with headers that `fetch` does not send. */
function asked(headers: Record<string, string>): Promise<string> {
  const { port } = new URL(server.address);
  return new Promise((resolve) => {
    const socket = connect(Number(port), '127.0.0.1', () => {
      const lines = Object.entries({ ...headers, Connection: 'close' }).map(([name, value]) => `${name}: ${value}`);
      socket.write(['GET /api/outbox HTTP/1.1', ...lines, '', ''].join('\r\n'));
    });
    socket.once('data', (bytes) => {
      socket.destroy();
      resolve(bytes.toString().split('\r\n')[0] ?? '');
    });
  });
}

test('a link is good for an hour', async () => {
  const { email } = await teacher();
  await forgotten(email);
  const token = tokenIn((await outbox())[0]);
  await server.app.get(DataSource).query(`UPDATE password_link SET expires_at = now() - interval '1 second'`);
  expect((await set(token, SECOND)).status).toBe(410);
});

test('whoever is signed in changes their password; their other devices are signed out, this one is not', async () => {
  const { who, email } = await teacher();
  const other = server.visitor();
  await other.ask('POST', '/api/session', { email, password: FIRST });
  const change = (present: string, password: string) => who.ask('PUT', '/api/accounts/password', { present, password });
  expect(await change('not mine', SECOND)).toMatchObject({
    status: 422,
    body: { fields: { present: 'password-wrong' } },
  });
  expect((await change(FIRST, SECOND)).status).toBe(204);
  expect(await isSignedIn(who)).not.toBeNull();
  expect(await isSignedIn(other)).toBeNull();
  expect(await signIn(email, SECOND)).toBe(204);
});

test('mail is in the language somebody has chosen', async () => {
  const { who, email } = await teacher();
  await who.ask('PUT', '/api/accounts/language', { language: 'es' });
  await forgotten(email);
  expect((await outbox())[0]?.subject).toBe('Elige una contraseña nueva de Gobrel');
});

describe('where others reach the server', () => {
  const settings = { smtp: null, from: 'Gobrel <gobrel@school.example>' };
  const place = placeFrom({ GOBREL_PUBLIC_ADDRESS: 'https://gobrel.school.example' });
  const mail = (smtp: string | null) => new MailService(server.app.get(DataSource), place, { ...settings, smtp });

  test('nobody reads the mail of others, and without a server for it there is none', async () => {
    expect(mail(null).hasOutbox).toBe(false);
    await expect(mail(null).outbox()).rejects.toMatchObject({ status: 404 });
    await expect(mail(null).send({ to: 'a@b.example', subject: 'S', text: 'T' })).rejects.toMatchObject({
      status: 503,
    });
  });

  test('mail goes to the server that takes it, in the words of the protocol', async () => {
    const taken: string[] = [];
    const smtp = await smtpServer(taken);
    const { port } = smtp.address() as AddressInfo;
    await mail(`smtp://127.0.0.1:${port}`).send({ to: 'nadia@marrambay.example', subject: 'Hello', text: 'A line.' });
    smtp.close();
    const said = taken.join('');
    expect(said).toMatch(/^MAIL FROM:<gobrel@school\.example>/m);
    expect(said).toMatch(/^RCPT TO:<nadia@marrambay\.example>/m);
    expect(said).toMatch(/^Subject: Hello/m);
    expect(said).toMatch(/^A line\./m);
  });

  test('a server that does not answer is logged, and holds up nobody', async () => {
    await expect(
      mail('smtp://127.0.0.1:1').send({ to: 'a@b.example', subject: 'S', text: 'T' }),
    ).resolves.toBeUndefined();
  });

  test('an address that is none is said at the start', () => {
    expect(() => mailFrom({ GOBREL_SMTP: 'mail.school.example' })).toThrow('smtp://');
    expect(mailFrom({})).toEqual({ smtp: null, from: 'Gobrel <gobrel@localhost>' });
  });
});

describe('another e-mail address', () => {
  const change = (who: Visitor, email: string, present = FIRST) =>
    who.ask<{ fields: object }>('PUT', '/api/accounts/email', { email, present });
  const confirm = (token: string) =>
    server.visitor().ask<{ code: string }>('POST', '/api/accounts/email/confirm', { token });
  const linkIn = (mail: OutboxMail | undefined) => /\/confirm-email\/([\w-]+)/.exec(mail?.text ?? '')?.[1] ?? '';
  const fresh = () => `quill-${Math.random().toString(36).slice(2)}@marrambay.example`;

  test('counts once its link is followed, which works once; the old one is told', async () => {
    const { who, email } = await teacher();
    const next = fresh();
    expect((await change(who, next)).status).toBe(204);
    const [mail] = await outbox();
    expect(mail?.to).toBe(next);
    expect(await signIn(email, FIRST)).toBe(204);
    expect((await confirm(linkIn(mail))).status).toBe(204);
    expect((await outbox())[0]).toMatchObject({ to: email, text: expect.stringContaining(next) });
    expect(await signIn(next, FIRST)).toBe(204);
    expect(await signIn(email, FIRST)).toBe(401);
    expect(await confirm(linkIn(mail))).toMatchObject({ status: 410, body: { code: 'link-is-used-up' } });
  });

  test('needs the password; one that somebody has is not told here but there', async () => {
    const { who } = await teacher();
    const other = await teacher();
    expect(await change(who, fresh(), 'not it')).toMatchObject({
      status: 422,
      body: { fields: { present: 'password-wrong' } },
    });
    expect((await change(who, other.email)).status).toBe(204);
    const [mail] = await outbox();
    expect(mail?.to).toBe(other.email);
    expect(linkIn(mail)).toBe('');
  });

  test('that somebody took meanwhile is refused, and nothing is changed; a second link ends the first one', async () => {
    const { who, email } = await teacher();
    const next = fresh();
    await change(who, next);
    const first = linkIn((await outbox())[0]);
    await change(who, next);
    const second = linkIn((await outbox())[0]);
    expect((await confirm(first)).status).toBe(410);
    await server
      .visitor()
      .ask('POST', '/api/accounts', { name: 'Ilse Wrack', email: next.toUpperCase(), password: SECOND });
    expect(await confirm(second)).toMatchObject({ status: 409, body: { code: 'address-taken' } });
    expect(await signIn(email, FIRST)).toBe(204);
  });
});

test('a teacher sees where they are signed in, and signs single devices out, or all others', async () => {
  const { who, email } = await teacher();
  const devices = async () => (await who.ask<{ id: string; isThis: boolean }[]>('GET', '/api/accounts/devices')).body;
  const elsewhere = [server.visitor(), server.visitor(), server.visitor()];
  for (const device of elsewhere) await device.ask('POST', '/api/session', { email, password: FIRST });
  expect(await devices()).toHaveLength(4);
  expect((await devices()).filter(({ isThis }) => isThis)).toHaveLength(1);
  const [last] = await devices();
  await who.ask('DELETE', `/api/accounts/devices/${last?.id}`);
  expect(await isSignedIn(elsewhere[2] as Visitor)).toBeNull();
  expect(await isSignedIn(elsewhere[1] as Visitor)).not.toBeNull();
  const stranger = await teacher();
  const [mine] = await devices();
  await stranger.who.ask('DELETE', `/api/accounts/devices/${mine?.id}`);
  expect(await devices()).toHaveLength(3);
  await who.ask('DELETE', '/api/accounts/devices');
  expect(await devices()).toMatchObject([{ isThis: true }]);
  expect(await isSignedIn(who)).not.toBeNull();
});

test('another name is seen at once; one that is none is refused', async () => {
  const { who } = await teacher();
  expect((await who.ask('PUT', '/api/accounts/name', { name: ' Nadia Reed ' })).status).toBe(204);
  expect(await isSignedIn(who)).toMatchObject({ name: 'Nadia Reed' });
  expect((await who.ask('PUT', '/api/accounts/name', { name: '  ' })).status).toBe(422);
});
