/** Making an account where mail is sent: nobody learns who has one. */
import { type AddressInfo, type Server } from 'node:net';
import type { NewAccountAnswer } from '@gobrel/contract';
import { DataSource } from 'typeorm';
import { smtpServer } from './testing/smtp-server.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

const PASSWORD = 'a sentence by the sea';
const taken: string[] = [];
let smtp: Server;
let server: TestServer;
let before: string | undefined;

beforeAll(async () => {
  smtp = await smtpServer(taken);
  const { port } = smtp.address() as AddressInfo;
  before = process.env['GOBREL_SMTP'];
  process.env['GOBREL_SMTP'] = `smtp://127.0.0.1:${port}`;
  server = await TestServer.start();
});
afterAll(async () => {
  if (before === undefined) delete process.env['GOBREL_SMTP'];
  else process.env['GOBREL_SMTP'] = before;
  await server.stop();
  smtp.close();
});

const fresh = () => `quill-${Math.random().toString(36).slice(2)}@marrambay.example`;
const register = (email: string, who = server.visitor(), more: object = {}) =>
  who.ask<NewAccountAnswer>('POST', '/api/accounts', { name: 'Nadia Quill', email, password: PASSWORD, ...more });
const confirm = (token: string, who = server.visitor(), password = PASSWORD) =>
  who.ask<{ code: string; fields: object }>('POST', '/api/accounts/confirm', { token, password });
const isSignedIn = async (who: Visitor) =>
  (await who.ask<{ teacher: object | null }>('GET', '/api/session')).body.teacher !== null;

/** The mails to an address, with soft line ends taken out of them, once there are so many. */
async function mailsTo(email: string, count = 1): Promise<string[]> {
  const all = () =>
    taken
      .join('')
      .split(/(?=MAIL FROM:)/)
      .filter((each) => each.includes(`RCPT TO:<${email}>`) && each.includes('\r\n.\r\n'))
      .map((each) => each.replaceAll('=\r\n', '').replaceAll('=3D', '='));
  await until(() => all().length >= count);
  return all();
}
const tokenIn = (mail: string | undefined) => /\/confirm-account\/([\w-]+)/.exec(mail ?? '')?.[1] ?? '';

test('an account is made by the link of a mail and the password that was chosen, once', async () => {
  const email = fresh();
  const who = server.visitor();
  expect(await register(email, who, { then: '/invited/abc' })).toMatchObject({ status: 201, body: { isMailed: true } });
  expect(await isSignedIn(who)).toBe(false);
  const [mail] = await mailsTo(email);
  expect(mail).toContain('?then=%2Finvited%2Fabc');
  const token = tokenIn(mail);
  const wrong = await confirm(token, who, 'another sentence');
  expect([wrong.status, wrong.body.fields]).toEqual([422, { password: 'password-wrong' }]);
  expect((await confirm(token, who)).status).toBe(204);
  expect(await isSignedIn(who)).toBe(true);
  expect(await confirm(token)).toMatchObject({ status: 410, body: { code: 'link-is-used-up' } });
  expect((await server.visitor().ask('POST', '/api/session', { email, password: PASSWORD })).status).toBe(204);
});

test('who has an address already learns it by a mail, and whoever asked sees what they see for any other', async () => {
  const email = fresh();
  await register(email);
  await confirm(tokenIn((await mailsTo(email))[0]));
  const known = await register(email.toUpperCase(), server.visitor(), { password: 'not the one they have' });
  const other = await register(fresh());
  expect([known.status, known.body]).toEqual([other.status, other.body]);
  const [, told] = await mailsTo(email, 2);
  expect(told).toContain('You already have one');
  expect(told).toContain(`${server.address}/sign-in`);
  expect(tokenIn(told)).toBe('');
  expect((await server.visitor().ask('POST', '/api/session', { email, password: PASSWORD })).status).toBe(204);
});

test('of two links for one address, and of two who follow one, one counts', async () => {
  const email = fresh();
  await register(email);
  await register(email);
  const [first, second] = await mailsTo(email, 2);
  const answers = await Promise.all([confirm(tokenIn(first)), confirm(tokenIn(first))]);
  expect(answers.map(({ status }) => status).sort()).toEqual([204, 410]);
  expect((await confirm(tokenIn(second))).status).toBe(410);
});

test('a link is good for a day, and nobody is flooded with mail', async () => {
  const email = fresh();
  await register(email);
  const token = tokenIn((await mailsTo(email))[0]);
  const database = server.app.get(DataSource);
  await database.query(`UPDATE waiting_account SET expires_at = now() - interval '1 minute' WHERE email = $1`, [email]);
  expect((await confirm(token)).status).toBe(410);
  const answers = [await register(email), await register(email), await register(email)];
  expect(answers.map(({ status }) => status)).toEqual([201, 201, 429]);
});

test('passwords are not tried at a link without end', async () => {
  const email = fresh();
  await register(email);
  const token = tokenIn((await mailsTo(email))[0]);
  const answers = [];
  for (let tries = 0; tries < 6; tries += 1) answers.push((await confirm(token, server.visitor(), 'guess')).status);
  expect(answers).toEqual([422, 422, 422, 422, 422, 429]);
});
