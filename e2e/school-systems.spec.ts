/** A school's own systems, as stand-ins for them: its sign-in, and its learning platform from the entering to the score. */
import * as messages from '@gobrel/messages';
import { type Browser, expect, type Page, test } from '@playwright/test';
import { asSaid, startOf } from './as-said';
import { expectClean } from './expect-clean';
import { newTeacher } from './people';

const SCHOOL = process.env['GOBREL_SCHOOL_ADDRESS'] ?? '';
const PLATFORM = process.env['GOBREL_PLATFORM_ADDRESS'] ?? '';
const PROVIDER_NAME = 'Marram Bay School';
const { join, platforms, reviewing, signIn, tokens } = messages;

test.use({ baseURL: SCHOOL });

/** Finds what begins with some words. */
const begins = (words: string) => new RegExp(`^${words}`);

/** Signs in at the school as somebody, from a page that offers it. */
async function throughSchool(page: Page, link: string, name: string): Promise<void> {
  await page.getByRole('link', { name: link }).click();
  await page.getByRole('button', { name: begins(name) }).click();
}

/** A browser of somebody at the platform, with the course in sight. */
async function atPlatform(browser: Browser, as: string): Promise<Page> {
  const page = await (await browser.newContext({ baseURL: SCHOOL, viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto(`${PLATFORM}/?as=${as}`);
  return page;
}

test('a teacher signs in through the school: new with one press, and sees on the account page how', async ({
  page,
}) => {
  await page.goto('/sign-in?then=%2Fclasses');
  await expectClean(page);
  await throughSchool(page, signIn.through({ provider: PROVIDER_NAME }), 'Tove Marlin');
  await expect(page.getByRole('heading', { name: messages.classes.title, exact: true })).toBeVisible();
  await page.goto('/account');
  const ways = page.getByRole('region', { name: signIn.connections });
  await expect(ways.getByRole('listitem')).toHaveCount(1);
  await expectClean(page);
  // The only way in is not let go of.
  await ways.getByRole('button', { name: startOf(signIn.disconnectName) }).click();
  await expect(page.getByText(messages.problems['only-way-in']).first()).toBeVisible();
});

test('a teacher with an account connects it on the account page, and lets go of it again', async ({ page }) => {
  await newTeacher(page);
  await page.goto('/account');
  const ways = page.getByRole('region', { name: signIn.connections });
  await ways.getByRole('button', { name: signIn.connect({ provider: PROVIDER_NAME }) }).click();
  await page.getByRole('button', { name: begins('Odile Farrow') }).click();
  await expect(ways.getByRole('listitem')).toHaveCount(1);
  await ways.getByRole('button', { name: startOf(signIn.disconnectName) }).click();
  await expect(ways.getByText(signIn.noConnections)).toBeVisible();
});

test('whoever goes to the school’s sign-in and comes back without is told, and is where they began', async ({
  page,
}) => {
  await page.goto('/sign-in');
  await page.getByRole('link', { name: signIn.through({ provider: PROVIDER_NAME }) }).click();
  await page.getByRole('link', { name: 'Go back without signing in' }).click();
  await expect(page.getByRole('alert')).toHaveText(messages.problems['provider-refused']);
  await expect(page.getByRole('heading', { name: signIn.title })).toBeVisible();
  await expectClean(page);
});

test('a student comes into the lesson through the school; whom it does not know says once who they are', async ({
  page,
  browser,
}) => {
  await page.goto('/join/HRNS427');
  await expectClean(page);
  await throughSchool(page, join.through({ provider: PROVIDER_NAME }), 'Amaro Finch');
  await expect(page).toHaveURL(/\/work$/);
  await expect(page.getByText('Amaro Finch').first()).toBeVisible();
  const other = await (await browser.newContext({ baseURL: SCHOOL })).newPage();
  await other.goto('/join/HRNS427');
  await throughSchool(other, join.through({ provider: PROVIDER_NAME }), 'Nell Sorrel');
  await expect(other.getByText(join.waits({ name: 'Nell Sorrel' }))).toBeVisible();
  await expectClean(other);
  await other.getByRole('button', { name: 'Cosima Rudd' }).click();
  await other.getByLabel(join.pin).fill('2468');
  await expect(other).toHaveURL(/\/work$/);
  await other.goto('/join/HRNS427');
  await other.getByRole('button', { name: join.leave }).click();
  // The school knows them still.
  await other.getByRole('link', { name: join.through({ provider: PROVIDER_NAME }) }).click();
  await expect(other).toHaveURL(/\/work$/);
  await expect(other.getByText('Cosima Rudd').first()).toBeVisible();
});

test('a platform is entered, a deck chosen for its course, opened by students, and the score is there once it is released', async ({
  page,
  browser,
}) => {
  await page.request.post('/api/session', {
    data: { email: 'odile@marrambay.example', password: 'saltmarsh at night' },
  });
  await page.goto('/school');
  await page.getByRole('button', { name: platforms.add }).click();
  await expectClean(page);
  await page.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByText(messages.faults['platform-name'])).toBeVisible();
  const course = await atPlatform(browser, 'mbs-odile');
  const shown = async (name: string) =>
    (await course
      .getByRole('row', { name: begins(name) })
      .locator('code')
      .textContent()) ?? '';
  await page.getByLabel(platforms.name, { exact: true }).fill('Marram Bay courses');
  for (const name of ['issuer', 'clientId', 'deploymentId', 'signInUrl', 'tokenUrl', 'keysUrl'] as const)
    await page.getByLabel(platforms.fields[name], { exact: true }).fill(await shown(name));
  await page.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByText('Marram Bay courses')).toBeVisible();
  const [entered] = (await (await page.request.get('/api/school/platforms')).json()) as { id: string }[];
  await course.getByLabel('Where Gobrel is').fill(SCHOOL);
  await course.getByLabel('Platform ID in Gobrel').fill(entered?.id ?? '');
  await course.getByRole('button', { name: 'Save' }).click();

  // The teacher goes there, shows once whose account it is, chooses a deck, and is back in the course with it.
  await course.goto(`${PLATFORM}/?as=mbs-odile`);
  await course.getByRole('link', { name: 'Add from Gobrel' }).click();
  await course.getByLabel(signIn.password).fill('saltmarsh at night');
  await expectClean(course);
  await course.getByRole('button', { name: signIn.connectAction }).click();
  await expect(course.getByRole('heading', { name: startOf(platforms.placeTitle) })).toBeVisible();
  await expectClean(course);
  // Other tests may have made copies of it, which are newer.
  await course
    .getByRole('button', { name: begins('Exit questions') })
    .last()
    .click();
  await expect(course.getByRole('link', { name: begins('Exit questions') })).toBeVisible();

  // A student opens it from within the platform's page, in a tab of its own, answers and submits.
  const student = await atPlatform(browser, 'mbs-heron-02');
  await student.getByRole('link', { name: 'in this page' }).click();
  const [own] = await Promise.all([
    student.waitForEvent('popup'),
    student.frameLocator('iframe').getByRole('link').click(),
  ]);
  await expect(own).toHaveURL(/\/work$/);
  await own.getByText('about 12 and a half hours').click();
  await own.getByRole('button', { name: messages.student.submit, exact: true }).click();
  await own.getByRole('dialog').getByRole('button', { name: messages.student.submit, exact: true }).click();
  await expect(own.getByText(asSaid(messages.student.submitted, { at: 0 })).first()).toBeVisible();

  // The teacher opens it there too, is on the board, and releases: the score is in the platform's gradebook.
  await course
    .getByRole('link', { name: begins('Exit questions') })
    .first()
    .click();
  await course.getByRole('tab', { name: reviewing.tab }).click();
  await expect(course.getByText(platforms.scoresLater({ platform: 'Marram Bay courses' }))).toBeVisible();
  await course.getByRole('button', { name: reviewing.release }).click();
  await expect(
    course.getByText(platforms.scores({ platform: 'Marram Bay courses', sent: 1, waiting: 0 })),
  ).toBeVisible();
  await expectClean(course);
  await course.goto(`${PLATFORM}/?as=mbs-odile`);
  await expect(course.getByRole('row', { name: begins('mbs-heron-02') })).toContainText('1 / ');
});

test('what does not open says why', async ({ page }) => {
  await page.goto('/arrived/nowhere?trouble=place-empty');
  await expect(page.getByRole('alert')).toHaveText(messages.problems['place-empty']);
  await expectClean(page);
});

test('a token for scripts is made on the account page, works, is told on the page of the API, and is taken back', async ({
  page,
}) => {
  await newTeacher(page);
  await page.goto('/account');
  await page.getByRole('button', { name: tokens.make }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: tokens.make }).click();
  await expect(dialog.getByText(messages.faults['token-name'])).toBeVisible();
  await expect(dialog.getByText(messages.faults['token-scopes'])).toBeVisible();
  await expectClean(page);
  await dialog.getByLabel(tokens.name).fill('Class lists');
  await dialog.getByLabel(tokens.scopes['classes:read']).check();
  await dialog.getByRole('button', { name: tokens.make }).click();
  await expect(page.getByRole('dialog', { name: tokens.madeTitle })).toBeVisible();
  await expectClean(page);
  const token = (await dialog.locator('code').textContent()) ?? '';
  const asked = (path: string) => page.request.get(path, { headers: { authorization: `Bearer ${token}` } });
  expect((await asked('/api/v1/classes')).status()).toBe(200);
  expect((await asked('/api/v1/decks')).status()).toBe(403);
  await dialog.getByRole('button', { name: messages.common.close }).last().click();
  const own = page.getByRole('region', { name: tokens.title });
  await expect(own.getByText('Class lists')).toBeVisible();
  await expectClean(page);
  const [docs] = await Promise.all([page.waitForEvent('popup'), own.getByRole('link', { name: tokens.docs }).click()]);
  await expect(docs.getByText('/api/v1/classes', { exact: true }).first()).toBeVisible();
  await expectClean(docs);
  await own.getByRole('button', { name: tokens.deleteName({ name: 'Class lists' }) }).click();
  await expect(own.getByText('Class lists')).toHaveCount(0);
  expect((await asked('/api/v1/classes')).status()).toBe(401);
});
