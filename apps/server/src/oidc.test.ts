/** Signing in through a school's provider: teachers and students, known, new, and not who they say. */
import type { ClassView, ConnectionView, JoinView, MyLessonView, SessionView } from '@gobrel/contract';
import { PROVIDER_CLIENT, type RunningProvider, startProvider } from '@gobrel/stand-ins';
import { DataSource } from 'typeorm';
import { signInFrom } from './oidc/sign-in-settings.js';
import { Browser } from './testing/browser.js';
import { TestServer } from './testing/test-server.js';

const SETTINGS = {
  GOBREL_SIGN_IN_CLIENT: PROVIDER_CLIENT.id,
  GOBREL_SIGN_IN_SECRET: PROVIDER_CLIENT.secret,
  GOBREL_SIGN_IN_NAME: 'Marram Bay School',
  GOBREL_SIGN_IN_STUDENTS: 'role=student',
};

let provider: RunningProvider;
let server: TestServer;
beforeAll(async () => {
  provider = await startProvider(0);
  Object.assign(process.env, SETTINGS, { GOBREL_SIGN_IN_ISSUER: provider.issuer });
  server = await TestServer.startWithSample();
});
afterAll(async () => {
  for (const name of ['GOBREL_SIGN_IN_ISSUER', ...Object.keys(SETTINGS)]) Reflect.deleteProperty(process.env, name);
  await server.stop();
  await provider.stop();
});

const at = (path: string) => `${server.address}${path}`;
const isOurPage = ({ href, pathname }: URL) => href.startsWith(server.address) && !pathname.startsWith('/api/');

/** Goes through the provider as somebody; gives the page of ours where it ends. */
async function signIn(browser: Browser, id: string, asked = ''): Promise<URL> {
  const { url, text } = await browser.go(at(`/api/sign-in/provider?${asked}`));
  expect(text).toContain('who are you?');
  return (await browser.go(url.href, { id }, isOurPage)).url;
}

const whoIs = async (browser: Browser) => (await browser.ask<SessionView>('GET', at('/api/session'))).body;

test('that there is a provider is said, with its name', async () => {
  expect((await new Browser().ask('GET', at('/api/sign-in/ways'))).body).toEqual({ provider: 'Marram Bay School' });
});

describe('a teacher', () => {
  test('who is new here has an account with one press, and comes into the same one again', async () => {
    const [first, second] = [new Browser(), new Browser()];
    expect((await signIn(first, 'mbs-tove', 'then=%2Flessons')).href).toBe(at('/arrived/teacher?then=%2Flessons'));
    const { teacher } = await whoIs(first);
    expect(teacher).toMatchObject({ name: 'Tove Marlin', email: 'tove.marlin@marrambay.example' });
    await signIn(second, 'mbs-tove');
    expect((await whoIs(second)).teacher?.id).toBe(teacher?.id);
    // Nobody comes in by a password that was never set, and it is asked for nowhere.
    const guess = { email: 'tove.marlin@marrambay.example', password: 'null' };
    expect((await new Browser().ask('POST', at('/api/session'), guess)).status).toBe(401);
    const leaving = await first.ask<{ fields: object }>('POST', at('/api/accounts/leave'), { present: 'anything' });
    expect(leaving.body.fields).toEqual({ present: 'password-none' });
    const [only] = (await first.ask<ConnectionView[]>('GET', at('/api/accounts/connections'))).body;
    expect(only?.issuer).toBe(provider.issuer);
    const cut = await first.ask<{ code: string }>('DELETE', at(`/api/accounts/connections/${only?.id}`));
    expect([cut.status, cut.body.code]).toEqual([409, 'only-way-in']);
  });

  test('with an account of the same address shows once, by its password, that it is theirs', async () => {
    const browser = new Browser();
    expect((await signIn(browser, 'mbs-odile')).href).toContain('/sign-in?waits=yes');
    expect((await whoIs(browser)).teacher).toBeNull();
    const waiting = await browser.ask('GET', at('/api/arrivals/waiting'));
    expect(waiting.body).toEqual({ waiting: { email: 'odile@marrambay.example', name: 'Odile Farrow' } });
    const connect = (present: string) => browser.ask('POST', at('/api/arrivals/connect'), { present });
    expect((await connect('a guess')).status).toBe(422);
    expect((await connect('saltmarsh at night')).status).toBe(204);
    expect((await whoIs(browser)).teacher?.id).toBe('odile');
    expect((await browser.ask('GET', at('/api/arrivals/waiting'))).body).toEqual({ waiting: null });
    const again = new Browser();
    expect((await signIn(again, 'mbs-odile')).pathname).toBe('/arrived/teacher');
    expect((await whoIs(again)).teacher?.id).toBe('odile');
    // Whoever has a password may let go of it.
    const [only] = (await again.ask<ConnectionView[]>('GET', at('/api/accounts/connections'))).body;
    expect((await again.ask('DELETE', at(`/api/accounts/connections/${only?.id}`))).status).toBe(204);
    expect((await signIn(new Browser(), 'mbs-odile')).search).toContain('waits=yes');
  });

  test('who is signed in connects their account, whatever its address', async () => {
    const browser = new Browser();
    await browser.ask('POST', at('/api/accounts'), {
      ...{ name: 'Odile', email: 'odile@elsewhere.example', password: 'ten letters and more' },
    });
    const own = (await whoIs(browser)).teacher?.id;
    // Another site that sends them there connects nothing.
    expect((await signIn(browser, 'mbs-odile', 'connects=yes')).search).toContain('waits=yes');
    const { body } = await browser.ask<{ url: string }>('POST', at('/api/sign-in/provider'));
    const { url } = await browser.go(body.url);
    const back = await browser.go(url.href, { id: 'mbs-odile' }, isOurPage);
    expect(back.url.pathname).toBe('/account');
    const again = new Browser();
    await signIn(again, 'mbs-odile');
    expect((await whoIs(again)).teacher?.id).toBe(own);
  });

  test('is who the provider knows: students are sent to their lesson, and nobody comes back for somebody else', async () => {
    expect((await signIn(new Browser(), 'mbs-heron-01')).search).toBe('?trouble=provider-students');
    const browser = new Browser();
    const { url } = await browser.go(at('/api/sign-in/provider'));
    const away = await browser.go(`${url.href}/none`, undefined, isOurPage);
    expect(away.url.search).toBe('?trouble=provider-refused');
    // Somebody else's way back, which was begun in no browser, or in this one for another errand.
    const stolen = await new Browser().go(at('/api/sign-in/provider/back?code=x&state=y'), undefined, isOurPage);
    expect(stolen.url.search).toBe('?trouble=provider-refused');
    const begun = new Browser();
    await begun.go(at('/api/sign-in/provider'), undefined, ({ href }) => href.startsWith(provider.issuer));
    const foreign = await begun.go(at('/api/sign-in/provider/back?code=x&state=y'), undefined, isOurPage);
    expect(foreign.url.search).toBe('?trouble=provider-refused');
    expect((await whoIs(begun)).teacher).toBeNull();
  });
});

describe('a student', () => {
  const CODE = 'HRNS427';
  const mine = async (browser: Browser) => (await browser.ask<MyLessonView>('GET', at('/api/my-lesson'))).body;

  test('who is on the school’s list comes into the lesson without a PIN, as who they are', async () => {
    const browser = new Browser();
    expect((await signIn(browser, 'mbs-heron-21', `code=${CODE}`)).pathname).toBe('/arrived/student');
    expect((await mine(browser)).name).toBe('Ulises Brand');
    // Nobody takes the name by choosing a PIN from then on.
    const pin = { code: CODE, studentId: 'heron-21', pin: '1357' };
    expect((await new Browser().ask<{ code: string }>('POST', at('/api/join'), pin)).body.code).toBe('through-school');
  });

  test('who is on no list says once who they are, by their PIN, and only where they ask for it', async () => {
    const browser = new Browser();
    expect((await signIn(browser, 'mbs-guest-1', `code=${CODE}`)).href).toBe(at(`/join/${CODE}?waits=yes`));
    const join = (connects: boolean) =>
      browser.ask('POST', at('/api/join'), { code: CODE, studentId: 'heron-02', pin: '2468', connects });
    expect((await join(false)).status).toBe(200);
    expect((await signIn(new Browser(), 'mbs-guest-1', `code=${CODE}`)).search).toBe('?waits=yes');
    expect((await join(true)).status).toBe(200);
    const again = new Browser();
    expect((await signIn(again, 'mbs-guest-1', `code=${CODE}`)).pathname).toBe('/arrived/student');
    expect((await mine(again)).name).toBe('Bexley Tarn');
  });

  test('comes into no lesson that is not theirs, and into none by a wrong code', async () => {
    const teacher = await server.teacher();
    const { body: made } = await teacher.ask<ClassView>('POST', '/api/classes', {
      ...{ name: '7 Rail', students: ['Cosima Rudd', 'Amaro Finch'] },
    });
    const { id: deckId } = (await teacher.ask<{ id: string }>('POST', '/api/decks', { title: 'Rails' })).body;
    const { body: lesson } = await teacher.ask<{ code: string }>('POST', '/api/lessons', {
      ...{ deckId, classId: made.id, workMode: 'copy-each', pace: 'own-pace' },
    });
    // The same name, but nobody whom the school's list knows.
    expect((await signIn(new Browser(), 'mbs-heron-01', `code=${lesson.code}`)).search).toBe('?waits=yes');
    expect((await signIn(new Browser(), 'mbs-heron-01', 'code=ZZZZ999')).search).toBe('?trouble=no-such-code');
    expect((await new Browser().ask<JoinView>('GET', at(`/api/join/${lesson.code}`))).body.students).toHaveLength(2);
  });

  test('who is erased is known to no sign-in any more', async () => {
    const odile = await server.odile();
    const data = await odile.ask<{ signsInBy: string[] }>('GET', '/api/classes/6-heron/students/heron-21/data');
    expect(data.body.signsInBy).toEqual([provider.issuer]);
    await odile.ask('DELETE', '/api/classes/6-heron/students/heron-21');
    const rows = await server.app
      .get(DataSource)
      .query<object[]>(`SELECT 1 FROM outside_identity WHERE student_id = 'heron-21'`);
    expect(rows).toEqual([]);
  });
});

test('a provider that is away is told on our own page', async () => {
  process.env['GOBREL_SIGN_IN_ISSUER'] = 'http://127.0.0.1:9';
  const lonely = await TestServer.start();
  const isPage = ({ pathname }: URL) => !pathname.startsWith('/api/');
  const away = await new Browser().go(`${lonely.address}/api/sign-in/provider`, undefined, isPage);
  expect(away.url.search).toBe('?trouble=provider-away');
  await lonely.stop();
});

test('settings that cannot work are refused with what to do', () => {
  expect(signInFrom({})).toBeNull();
  const http = { GOBREL_SIGN_IN_ISSUER: 'http://school.example', GOBREL_SIGN_IN_CLIENT: 'x' };
  expect(() => signInFrom(http)).toThrow(/https:/);
  expect(() => signInFrom({ GOBREL_SIGN_IN_ISSUER: 'https://school.example' })).toThrow(/GOBREL_SIGN_IN_CLIENT/);
  expect(signInFrom({ ...http, GOBREL_SIGN_IN_ISSUER: 'https://school.example' })).toMatchObject({
    ...{ name: 'school.example', students: null, rosterClaim: 'sub' },
  });
});
