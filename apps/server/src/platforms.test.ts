/** Learning platforms: launched from there, chosen for there, who is in a course, and scores back; and what is not followed. */
import type {
  ClassView,
  GradebookView,
  LessonSummary,
  LessonView,
  MyLessonView,
  OwnSchool,
  PlatformView,
  ScoresSent,
  SessionView,
} from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { COURSE, type RunningPlatform, startPlatform } from '@gobrel/stand-ins';
import { DataSource } from 'typeorm';
import { ClassRow } from './database/index.js';
import { CoursesService } from './platforms/courses.service.js';
import { readLaunch } from './platforms/launch.js';
import { readMembers } from './platforms/members.service.js';
import { askOutside, isNear } from './platforms/outside-calls.js';
import { PlacesService } from './platforms/places.service.js';
import { PlatformsService } from './platforms/platforms.service.js';
import { ScoresService } from './platforms/scores.service.js';
import { placeFrom } from './place.js';
import { Browser } from './testing/browser.js';
import { TestServer, until } from './testing/test-server.js';

const TITLE = 'Exit questions: night on the saltmarsh';

let platform: RunningPlatform;
let server: TestServer;
let odile: Browser;
beforeAll(async () => {
  platform = await startPlatform(0);
  server = await TestServer.startWithSample();
  odile = new Browser();
  await odile.ask('POST', at('/api/session'), { email: 'odile@marrambay.example', password: 'saltmarsh at night' });
  const { body } = await odile.ask<PlatformView[]>('POST', at('/api/school/platforms'), entered());
  platform.tool = { site: server.address, platformId: body[0]?.id ?? '' };
});
afterAll(async () => {
  await server.stop();
  await platform.stop();
});
afterEach(() => {
  platform.mischief = {};
});

const at = (path: string) => `${server.address}${path}`;
const entered = () => ({ id: newId(), name: 'Marram Bay courses', ...platform.addresses });
const isOurPage = ({ href, pathname }: URL) => href.startsWith(server.address) && !pathname.startsWith('/api/');

/** The form of a page: where it is sent, and with what. */
function formIn(text: string): { readonly to: string; readonly fields: Readonly<Record<string, string>> } {
  const plain = (said: string) => said.replaceAll('&amp;', '&').replaceAll('&quot;', '"');
  const inputs = [...text.matchAll(/<input type="hidden" name="([^"]*)" value="([^"]*)">/g)];
  const fields = Object.fromEntries(inputs.map(([, name = '', value = '']) => [name, plain(value)]));
  return { to: plain(/<form method="post" action="([^"]*)"/.exec(text)?.[1] ?? ''), fields };
}

/** Opens something on the platform as somebody; gives the page of ours where it ends. */
async function open(browser: Browser, what: string, as: string): Promise<URL> {
  const asked = await browser.go(`${platform.issuer}/open/${what}?as=${as}`);
  const { to, fields } = formIn(asked.text);
  return (await browser.go(to, fields, isOurPage)).url;
}

/** A teacher chooses something for the course; gives what stands there then. */
async function choose(browser: Browser, as: string, choice: object) {
  const { searchParams } = await open(browser, 'choose', as);
  const token = (searchParams.get('then') ?? '').replace('/choosing/', '');
  const chosen = await browser.ask<{ back: string }>('POST', at(`/api/choosing/${token}`), choice);
  expect(chosen.status).toBe(201);
  const { to, fields } = formIn((await browser.go(at(chosen.body.back))).text);
  expect((await browser.go(to, fields)).status).toBe(200);
  // It is chosen once.
  expect((await browser.ask('GET', at(`/api/choosing/${token}`))).status).toBe(410);
  const placed = platform.placed.at(-1);
  if (!placed) throw new Error('nothing stands in the course');
  return placed;
}

const trouble = (url: URL) => url.searchParams.get('trouble');
const mine = async (browser: Browser) => (await browser.ask<MyLessonView>('GET', at('/api/my-lesson'))).body;
const classes = async () => (await odile.ask<ClassView[]>('GET', at('/api/classes'))).body;
const lessons = async () => (await odile.ask<LessonSummary[]>('GET', at('/api/lessons'))).body;

/** Odile at the platform, connected with her account here. */
async function odileThere(): Promise<Browser> {
  const browser = new Browser();
  const url = await open(browser, 'choose', 'mbs-odile');
  if (url.pathname === '/sign-in')
    await browser.ask('POST', at('/api/arrivals/connect'), { present: 'saltmarsh at night' });
  return browser;
}

describe('a platform', () => {
  test('is entered by whoever manages a school, and by nobody else', async () => {
    const other = await server.teacher();
    expect((await other.ask('POST', '/api/school/platforms', entered())).status).toBe(409);
    const { body: school } = await other.ask<OwnSchool>('POST', '/api/school', { name: 'Elsewhere' });
    expect(school.school?.name).toBe('Elsewhere');
    expect((await other.ask<PlatformView[]>('GET', '/api/school/platforms')).body).toEqual([]);
    const removed = await other.ask('DELETE', `/api/school/platforms/${platform.tool?.platformId}`);
    expect(removed.status).toBe(404);
    const wrong = { ...entered(), tokenUrl: 'ftp://platform.example', clientId: '' };
    const refused = await other.ask<{ fields: object }>('POST', '/api/school/platforms', wrong);
    expect(refused.body.fields).toEqual({ tokenUrl: 'outside-address', clientId: 'platform-id' });
    const plain = { ...entered(), keysUrl: 'http://platform.example/keys' };
    expect((await other.ask('POST', '/api/school/platforms', plain)).status).toBe(422);
  });

  test('within this machine or its network is never asked where others can reach the server', async () => {
    for (const address of [
      '127.0.0.1',
      '10.1.2.3',
      '192.168.0.9',
      '172.20.1.1',
      '169.254.169.254',
      '::1',
      'fd00::1',
      '::ffff:10.0.0.1',
    ])
      expect([address, isNear(address)]).toEqual([address, true]);
    for (const address of ['9.9.9.9', '2620:fe::fe']) expect([address, isNear(address)]).toEqual([address, false]);
    for (const url of ['https://127.0.0.1:9/', 'https://[::1]:9/', 'https://localhost:9/', 'http://platform.example/'])
      await expect(askOutside({ method: 'GET', url }, false)).rejects.toThrow(/network around|TLS/);
    const outside = placeFrom({ GOBREL_PUBLIC_ADDRESS: 'https://gobrel.school.example' });
    const strict = await TestServer.start({ place: outside });
    expect(strict.app.get(PlatformsService).allowsNear).toBe(false);
    await strict.stop();
  });
});

describe('a deck that a teacher chooses', () => {
  test('becomes a lesson when it is first opened, for a class with everybody of the course, whole class at once', async () => {
    const teacher = await odileThere();
    const placed = await choose(teacher, 'mbs-odile', { deckId: 'exit-questions' });
    expect(placed).toMatchObject({ title: TITLE, lineItem: { label: TITLE } });
    expect(placed.lineItem?.scoreMaximum).toBeGreaterThan(0);
    const before = (await lessons()).length;
    // Two students are quicker than their teacher, at the same time.
    const [amaro, nell] = [new Browser(), new Browser()];
    const ends = await Promise.all([open(amaro, placed.id, 'mbs-heron-01'), open(nell, placed.id, 'mbs-guest-1')]);
    expect(ends.map(({ pathname }) => pathname)).toEqual(['/arrived/student', '/arrived/student']);
    expect((await lessons()).length).toBe(before + 1);
    expect([(await mine(amaro)).name, (await mine(nell)).name]).toEqual(['Amaro Finch', 'Nell Sorrel']);
    expect((await mine(amaro)).title).toBe(TITLE);
    const made = () => classes().then((all) => all.find(({ name }) => name === COURSE.title));
    // The others are told by the platform, a few at a time; who teaches is no student.
    await until(async () => (await made())?.students.length === 4);
    expect((await made())?.students.map(({ name }) => name)).toEqual([
      ...['Amaro Finch', 'Bexley Tarn', 'Nell Sorrel', 'Ulises Brand'],
    ]);
    // The same student on another device is the same student.
    const again = new Browser();
    await open(again, placed.id, 'mbs-heron-01');
    expect((await mine(again)).participantId).toBe((await mine(amaro)).participantId);
    const url = await open(teacher, placed.id, 'mbs-odile');
    const [lesson] = await lessons();
    expect(url.searchParams.get('then')).toBe(`/lessons/${lesson?.id}`);
  });

  test('is opened by sixty students in one moment, each of whom is there once', async () => {
    const placed = await choose(await odileThere(), 'mbs-odile', { deckId: 'exit-questions' });
    for (let number = 1; number <= 60; number += 1)
      platform.more.push({ id: `more-${number}`, name: `Student ${number}`, email: '', role: 'student' });
    const ends = await Promise.all(platform.more.map(({ id }) => open(new Browser(), placed.id, id)));
    platform.more.length = 0;
    expect(new Set(ends.map(({ pathname, search }) => pathname + search))).toEqual(new Set(['/arrived/student']));
    const { id = '' } = (await lessons())[0] ?? {};
    const { body } = await odile.ask<LessonView>('GET', at(`/api/lessons/${id}`));
    const joined = body.participants.filter(({ joinedAt, name }) => joinedAt !== null && /^Student \d+$/.test(name));
    expect(new Set(joined.map(({ name }) => name)).size).toBe(60);
    expect(joined).toHaveLength(60);
  });

  test('is opened by sixty students while somebody else is at their class: they wait, and hold up nobody', async () => {
    const placed = await choose(await odileThere(), 'mbs-odile', { deckId: 'exit-questions' });
    await open(new Browser(), placed.id, 'mbs-heron-01');
    const { id: classId } = (await classes()).find(({ name }) => name === COURSE.title) ?? { id: '' };
    for (let number = 1; number <= 60; number += 1)
      platform.more.push({ id: `late-${number}`, name: `Latecomer ${number}`, email: '', role: 'student' });
    const enrolling = jest.spyOn(server.app.get(CoursesService), 'enrol');
    const coming = await server.app.get(DataSource).transaction(async (manager) => {
      await manager.findOneOrFail(ClassRow, { where: { id: classId }, lock: { mode: 'pessimistic_write' } });
      const opened = Promise.all(platform.more.map(({ id }) => open(new Browser(), placed.id, id)));
      const comers = () => new Set(enrolling.mock.calls.map(([, , { subject }]) => subject));
      await until(() => platform.more.every(({ id }) => comers().has(id)));
      const waiting = `SELECT pid FROM pg_stat_activity WHERE wait_event_type = 'Lock'`;
      await until(async () => (await manager.query<unknown[]>(waiting)).length > 0);
      expect((await odile.ask('GET', at('/api/classes'))).status).toBe(200);
      expect(await manager.query<unknown[]>(waiting)).toHaveLength(1);
      return { opened };
    });
    platform.more.length = 0;
    enrolling.mockRestore();
    const pages = (await coming.opened).map(({ pathname, search }) => pathname + search);
    expect(new Set(pages)).toEqual(new Set(['/arrived/student']));
  });

  test('that cannot be opened because of us says so on a page', async () => {
    const placed = await choose(await odileThere(), 'mbs-odile', { deckId: 'exit-questions' });
    const broken = jest.spyOn(server.app.get(PlacesService), 'opened').mockRejectedValueOnce(new Error('broken'));
    const url = await open(new Browser(), placed.id, 'mbs-heron-01');
    expect([url.pathname, trouble(url)]).toEqual(['/arrived/nowhere', 'server-fault']);
    broken.mockRestore();
  });

  test('is chosen by who teaches, and only what is theirs', async () => {
    expect(trouble(await open(new Browser(), 'choose', 'mbs-heron-01'))).toBe('not-allowed');
    const tove = new Browser();
    const { pathname, searchParams } = await open(tove, 'choose', 'mbs-tove');
    expect(pathname).toBe('/arrived/teacher');
    expect((await tove.ask<SessionView>('GET', at('/api/session'))).body.teacher?.name).toBe('Tove Marlin');
    const path = at(`/api${searchParams.get('then')}`);
    expect((await tove.ask('POST', path, { deckId: 'exit-questions' })).status).toBe(404);
    expect((await tove.ask('POST', path, {})).status).toBe(422);
    expect((await tove.ask('POST', path, { lessonId: (await lessons())[0]?.id })).status).toBe(404);
    expect((await tove.go(`${path}/back?choice=none`)).status).toBe(404);
  });
});

test('a lesson that runs is chosen, and its class goes on in it by the ids of the school’s list', async () => {
  const teacher = await odileThere();
  const running = (await lessons()).find(({ code }) => code === 'HRNS427');
  const known = (await classes()).map(({ id }) => id);
  const placed = await choose(teacher, 'mbs-odile', { lessonId: running?.id });
  const student = new Browser();
  expect((await open(student, placed.id, 'mbs-heron-02')).pathname).toBe('/arrived/student');
  expect((await mine(student)).name).toBe('Bexley Tarn');
  const heron = (await classes()).find(({ id }) => id === '6-heron');
  expect(heron?.students).toHaveLength(24);
  // Nobody of the course is brought into a class that was there before, and no other class is made for it.
  await open(teacher, placed.id, 'mbs-odile');
  expect((await classes()).filter(({ id }) => !known.includes(id))).toEqual([]);
});

test('a place where nothing was chosen is filled by who teaches; students are told until then', async () => {
  const teacher = await odileThere();
  platform.placed.push({ id: 'empty', title: 'Later', url: '', custom: {}, lineItem: null });
  expect(trouble(await open(new Browser(), 'empty', 'mbs-heron-01'))).toBe('place-empty');
  const { searchParams } = await open(teacher, 'empty', 'mbs-odile');
  const path = at(`/api${searchParams.get('then')}`);
  expect((await teacher.ask('GET', path)).body).toMatchObject({ course: COURSE.title, title: 'Later', lessonId: null });
  const filled = await teacher.ask<{ lessonId: string }>('POST', path, { deckId: 'exit-questions' });
  expect((await teacher.ask<LessonView>('GET', at(`/api/lessons/${filled.body.lessonId}`))).body.className).toBe(
    COURSE.title,
  );
  expect((await teacher.ask('POST', path, { deckId: 'night-walk' })).status).toBe(409);
  expect((await open(new Browser(), 'empty', 'mbs-heron-01')).pathname).toBe('/arrived/student');
  // A lesson that is deleted leaves its place empty.
  await teacher.ask('DELETE', at(`/api/lessons/${filled.body.lessonId}`));
  expect(trouble(await open(new Browser(), 'empty', 'mbs-heron-01'))).toBe('place-empty');
  expect((await teacher.ask('GET', path)).body).toMatchObject({ lessonId: null });
  const anew = await teacher.ask<{ lessonId: string }>('POST', path, { deckId: 'exit-questions' });
  expect(anew.body.lessonId).not.toBe(filled.body.lessonId);
  expect((await open(new Browser(), 'empty', 'mbs-heron-01')).pathname).toBe('/arrived/student');
});

describe('scores', () => {
  const lessonAt = async (placed: string): Promise<string> => {
    const rows = await server.app
      .get(DataSource)
      .query<{ lesson_id: string }[]>('SELECT lesson_id FROM platform_link WHERE resource = $1', [placed]);
    return rows[0]?.lesson_id ?? '';
  };

  /** Amaro answers and submits what stands at a place. */
  async function submitted(placed: string): Promise<{ readonly lessonId: string; readonly participantId: string }> {
    const browser = new Browser();
    await open(browser, placed, 'mbs-heron-01');
    const { participantId } = await mine(browser);
    const submit = await browser.ask('POST', at('/api/my-lesson/submission'), {
      key: `key-${Math.random()}`.slice(0, 20).replace('.', '-'),
    });
    expect(submit.status).toBeLessThan(300);
    return { lessonId: await lessonAt(placed), participantId };
  }
  const release = (lessonId: string) => odile.ask('POST', at(`/api/lessons/${lessonId}/release`), {});
  const sent = async (lessonId: string) =>
    (await odile.ask<{ scores: ScoresSent | null }>('GET', at(`/api/lessons/${lessonId}/scores`))).body.scores;

  test('go back when they are released, and not before; what is changed afterwards goes as well', async () => {
    const placed = await choose(await odileThere(), 'mbs-odile', { deckId: 'exit-questions' });
    const { lessonId, participantId } = await submitted(placed.id);
    expect(await sent(lessonId)).toEqual({
      platform: 'Marram Bay courses',
      sent: 0,
      waiting: 0,
      failed: 0,
      trouble: '',
    });
    expect(placed.lineItem?.scores.size).toBe(0);
    await release(lessonId);
    await until(() => placed.lineItem?.scores.size === 1);
    const { body: book } = await odile.ask<GradebookView>(
      'GET',
      at(`/api/classes/${(await classes()).find(({ name }) => name === COURSE.title)?.id}/gradebook`),
    );
    const own = book.lessons.find(({ id }) => id === lessonId);
    const [result] = Object.values(own?.results ?? {});
    const score = placed.lineItem?.scores.get('mbs-heron-01');
    expect(score).toMatchObject({ scoreGiven: result?.points, scoreMaximum: result?.outOf });
    const open = (await odile.ask<LessonView>('GET', at(`/api/lessons/${lessonId}`))).body;
    expect(open.participants.some((each) => each.participantId === participantId)).toBe(true);
    await until(async () => (await sent(lessonId))?.sent === 1);
    // What is overruled after the release is sent by itself.
    const review = { overruled: { 'exit-tide': { points: 1, why: 'said aloud' } }, comments: [] };
    await odile.ask('PUT', at(`/api/lessons/${lessonId}/reviews/${participantId}`), { review });
    await until(() => placed.lineItem?.scores.get('mbs-heron-01')?.scoreGiven === (result?.points ?? 0) + 1);
    expect((await server.teacher().then((other) => other.ask('GET', `/api/lessons/${lessonId}/scores`))).status).toBe(
      404,
    );
  });

  test('are those of who came from the platform, whoever else is in the lesson', async () => {
    const running = (await lessons()).find(({ code }) => code === 'HRNS427')?.id ?? '';
    const placed = await choose(await odileThere(), 'mbs-odile', { lessonId: running });
    const browser = new Browser();
    await open(browser, placed.id, 'mbs-heron-02');
    await browser.ask('POST', at('/api/my-lesson/submission'), { key: 'bexley-hands-in-1' });
    await release(running);
    await until(async () => (await sent(running))?.waiting === 0);
    const { body: board } = await odile.ask<LessonView>('GET', at(`/api/lessons/${running}`));
    expect(board.participants.filter(({ releasedAt }) => releasedAt !== null).length).toBeGreaterThan(1);
    expect([...(placed.lineItem?.scores.keys() ?? [])]).toEqual(['mbs-heron-02']);
  });

  test('that the platform does not take are told, kept, and sent again', async () => {
    const placed = await choose(await odileThere(), 'mbs-odile', { deckId: 'exit-questions' });
    const { lessonId } = await submitted(placed.id);
    platform.mischief = { refusesScores: 503 };
    await release(lessonId);
    await until(async () => (await sent(lessonId))?.failed === 1);
    expect((await sent(lessonId))?.trouble).toContain('answers 503: The gradebook is being mended.');
    // It is not due again for a while, and nothing is lost until then.
    platform.mischief = {};
    await server.app.get(ScoresService).sendDue();
    expect(placed.lineItem?.scores.size).toBe(0);
    const { body } = await odile.ask<{ scores: ScoresSent }>('POST', at(`/api/lessons/${lessonId}/scores`));
    expect(body.scores).toMatchObject({ sent: 1, failed: 0, trouble: '' });
    expect(placed.lineItem?.scores.size).toBe(1);
  });

  test('wait while the platform is away, all of them after one look', async () => {
    const placed = await choose(await odileThere(), 'mbs-odile', { deckId: 'exit-questions' });
    const { lessonId } = await submitted(placed.id);
    const other = new Browser();
    await open(other, placed.id, 'mbs-heron-02');
    await other.ask('POST', at('/api/my-lesson/submission'), { key: 'bexley-hands-in-2' });
    const moveTo = (lineItem: string) =>
      server.app
        .get(DataSource)
        .query('UPDATE platform_link SET line_item = $1 WHERE lesson_id = $2', [lineItem, lessonId]);
    await moveTo('http://127.0.0.1:9/line-items/1');
    await release(lessonId);
    await until(async () => (await sent(lessonId))?.failed === 2);
    await moveTo(`${platform.issuer}/line-items/${placed.lineItem?.id}`);
    const { body } = await odile.ask<{ scores: ScoresSent }>('POST', at(`/api/lessons/${lessonId}/scores`));
    expect(body.scores).toMatchObject({ sent: 2, failed: 0 });
    expect(placed.lineItem?.scores.size).toBe(2);
  });

  test('go to a column of their own, where the place has none', async () => {
    const placed = await choose(await odileThere(), 'mbs-odile', { deckId: 'exit-questions' });
    placed.lineItem = null;
    const { lessonId } = await submitted(placed.id);
    await release(lessonId);
    await until(() => placed.lineItem?.scores.size === 1);
    expect(placed.lineItem).toMatchObject({ label: TITLE });
  });
});

describe('what is not followed', () => {
  const first = async () => {
    const known = platform.placed.at(0)?.id;
    return known ?? (await choose(await odileThere(), 'mbs-odile', { deckId: 'exit-questions' })).id;
  };
  const asked = async (mischief: RunningPlatform['mischief']) => {
    const what = await first();
    platform.mischief = mischief;
    return trouble(await open(new Browser(), what, 'mbs-heron-01'));
  };

  test('a token that the platform did not sign, or for somebody else, or of another deployment', async () => {
    expect(await asked({ signsFalsely: true })).toBe('launch-not-verified');
    expect(await asked({ says: { iss: 'https://elsewhere.example' } })).toBe('launch-not-verified');
    expect(await asked({ says: { aud: 'somebody-else' } })).toBe('launch-not-verified');
    const deployment = 'https://purl.imsglobal.org/spec/lti/claim/deployment_id';
    expect(await asked({ says: { [deployment]: 'another' } })).toBe('launch-not-verified');
    const type = 'https://purl.imsglobal.org/spec/lti/claim/message_type';
    expect(await asked({ says: { [type]: 'LtiSubmissionReviewRequest' } })).toBe('launch-unknown');
    expect(await asked({ says: { nonce: 'another' } })).toBe('launch-too-late');
  });

  test('a launch in another browser than the one that asked, and one that is taken up twice', async () => {
    const what = await first();
    const browser = new Browser();
    const page = await browser.go(`${platform.issuer}/open/${what}?as=mbs-heron-01`);
    const { to, fields } = formIn(page.text);
    const isEnter = ({ pathname }: URL) => pathname.endsWith('/enter');
    const { url: enter } = await browser.go(to, fields, isEnter);
    expect(trouble((await new Browser().go(enter.href, undefined, isOurPage)).url)).toBe('launch-too-late');
    expect(trouble((await browser.go(enter.href, undefined, isOurPage)).url)).toBe('launch-too-late');
    // Sent once more, it is somebody’s old token for an errand that is over.
    expect(trouble((await browser.go(to, fields, isOurPage)).url)).toBe('launch-too-late');
  });

  test('a platform that was taken out', async () => {
    const gone = at('/api/lti/none/login?login_hint=x');
    expect(trouble((await new Browser().go(gone, undefined, isOurPage)).url)).toBe('not-found');
  });

  test('claims that are none', () => {
    expect(readLaunch(null)).toBeNull();
    expect(readLaunch({ sub: 'x' })).toBeNull();
    expect(
      readMembers({ members: [{ user_id: 'a' }, 7, { user_id: 'b', roles: ['Learner'], status: 'Inactive' }] }),
    ).toEqual([]);
  });
});

test('within the platform’s page a tab of its own is offered, and nobody is signed in', async () => {
  const login = at(`/api/lti/${platform.tool?.platformId}/login?login_hint=%22%3E&lti_message_hint=choose`);
  const answer = await fetch(login, { headers: { 'sec-fetch-dest': 'iframe' }, redirect: 'manual' });
  expect(answer.status).toBe(200);
  expect(answer.headers.get('content-security-policy')).toContain(`frame-ancestors ${platform.issuer}`);
  expect(answer.headers.getSetCookie()).toEqual([]);
  expect(await answer.text()).toContain('login_hint=%22%3E&amp;lti_message_hint=choose" target="_blank"');
});
