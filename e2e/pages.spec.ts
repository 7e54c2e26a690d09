/** The pages around decks and lessons: gradebook, lessons, classes, what is empty, and where it goes no further. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { boxOf, middleOf, newClass, newDeck, newTeacher, odile } from './people';

const { gradebook, lessons, elsewhere, handOut } = messages;

/** The rows of students that are seen whole, between the head of the gradebook and its last line. */
async function rowsInSight(page: Page): Promise<number> {
  const head = await boxOf(page.getByRole('columnheader', { name: gradebook.average }));
  const foot = await boxOf(page.getByRole('rowheader', { name: gradebook.classAverage }));
  const names = await page.getByRole('rowheader').getByRole('button').all();
  const boxes = await Promise.all(names.map(boxOf));
  return boxes.filter((box) => box.y >= head.y + head.height && box.y + box.height <= foot.y).length;
}

test('the gradebook has a class in sight, its heads and its last line stay, and who is lowest comes first', async ({
  page,
}) => {
  await odile(page);
  await page.goto('/classes/6-heron/gradebook');
  const first = page.getByRole('button', { name: gradebook.pick({ name: 'Amaro Finch' }) });
  await expect(first).toBeVisible();
  expect((await boxOf(first)).height).toBeLessThanOrEqual(31);
  expect(await rowsInSight(page)).toBeGreaterThanOrEqual(16);
  const scores = page.getByRole('region', { name: gradebook.title });
  await scores.evaluate((region) => region.scrollTo(0, region.scrollHeight));
  await expect(first).not.toBeInViewport();
  await expect(page.getByRole('columnheader', { name: gradebook.average })).toBeInViewport({ ratio: 1 });
  await expect(page.getByRole('rowheader', { name: gradebook.classAverage })).toBeInViewport({ ratio: 1 });
  await page.getByLabel(gradebook.order).selectOption({ label: gradebook.orders.average });
  // What is marked in the demo's lessons grows with no test: the lowest stays the lowest.
  const averages = await page.getByRole('row').locator('td:first-of-type').allTextContents();
  const known = averages.slice(0, -1).flatMap((said) => (said === '–' ? [] : [Number.parseInt(said, 10)]));
  expect(known.length).toBeGreaterThan(10);
  expect(known).toEqual([...known].sort((a, b) => a - b));
  await page.getByRole('button', { name: gradebook.pick({ name: 'Dov Kestrel' }) }).click();
  await expect(page.getByText(gradebook.overTime({ name: 'Dov Kestrel' }))).toBeVisible();
  await expectClean(page);
});

test('charts without scores say so, and an empty gradebook, no lessons and no classes say where to begin', async ({
  page,
}) => {
  await newTeacher(page);
  await page.goto('/lessons');
  await expect(page.getByRole('heading', { name: lessons.empty })).toBeVisible();
  await page.getByRole('button', { name: lessons.handOut }).click();
  await expect(page.getByRole('heading', { name: lessons.noDecks })).toBeVisible();
  await expectClean(page);
  await page.goto('/classes');
  await expect(page.getByRole('heading', { name: messages.classes.empty })).toBeVisible();
  await expect(page.getByRole('button', { name: messages.classes.newClass })).toHaveCount(1);
  const classId = await newClass(page, '6 Tern', ['Ana Lima']);
  await page.goto(`/classes/${classId}/gradebook`);
  await expect(page.getByRole('heading', { name: gradebook.empty })).toBeVisible();
  await newDeck(page, 'Tides');
  const deckId = new URL(page.url()).pathname.split('/').at(-1);
  const order = { deckId, classId, workMode: 'copy-each', pace: 'own-pace' };
  expect((await page.request.post('/api/lessons', { data: order })).ok()).toBe(true);
  await page.goto(`/classes/${classId}/gradebook`);
  await expect(page.getByText(gradebook.noScores)).toHaveCount(2);
});

test('a lesson begins on the page of lessons too: the deck is chosen by its picture, the rest is as ever', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Tides');
  await page.goto('/lessons');
  await page.getByRole('button', { name: lessons.handOut }).click();
  await page.getByLabel(lessons.findDeck).fill('moon');
  await expect(page.getByText(lessons.noDeckFound)).toBeVisible();
  await page.getByLabel(lessons.findDeck).fill('tid');
  await page.getByRole('button', { name: 'Tides' }).click();
  await page.getByRole('button', { name: handOut.action, exact: true }).click();
  await expect(page.getByRole('heading', { name: handOut.doneToAnybody })).toBeVisible();
  await page.getByRole('button', { name: messages.common.close }).first().click();
  await expect(page.getByRole('heading', { name: lessons.running })).toBeVisible();
  await expect(page.getByRole('link', { name: /Tides/ })).toBeVisible();
});

test('a dialog begins at its first field, grows downwards, and keeps its buttons in sight', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/shore-zones');
  await page.getByRole('button', { name: handOut.action }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('radio', { name: '6 Heron' })).toBeFocused();
  const title = dialog.getByRole('heading', { name: handOut.title });
  const before = await middleOf(title);
  await dialog.getByRole('checkbox', { name: handOut.some }).check();
  await dialog.getByText(handOut.more).click();
  await expect(dialog.getByLabel(handOut.dueAt)).toBeVisible();
  expect(await middleOf(title)).toEqual(before);
  await expect(dialog.getByRole('button', { name: handOut.action })).toBeInViewport({ ratio: 1 });
  await expectClean(page);
});

test('where it goes no further, it says why and leads on', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByRole('link', { name: messages.signIn.toLesson })).toBeVisible();
  await expectClean(page);
  await odile(page);
  for (const [place, title, way] of [
    ['/nowhere', elsewhere.title, elsewhere.home],
    ['/decks/nothing', elsewhere.deckTitle, elsewhere.home],
    ['/decks/nothing/show', elsewhere.deckTitle, elsewhere.home],
    ['/decks/nothing/present', elsewhere.deckTitle, elsewhere.home],
    ['/decks/nothing/trial', elsewhere.deckTitle, elsewhere.home],
    ['/lessons/nothing', elsewhere.lessonTitle, elsewhere.toLessons],
    ['/lessons/nothing/screen', elsewhere.lessonTitle, elsewhere.toLessons],
    ['/classes/nothing/cards', elsewhere.classTitle, elsewhere.toClasses],
    ['/classes/nothing/gradebook', elsewhere.classTitle, elsewhere.toClasses],
  ] as const) {
    await page.goto(place);
    await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible();
    await expect(page).toHaveTitle(`${title} · Gobrel`);
    await expect(page.getByRole('link', { name: way })).toBeVisible();
  }
});

test.describe('a screen that cannot be loaded', () => {
  // The worker for offline use would bring it all the same.
  test.use({ serviceWorkers: 'block' });

  test('says so and leads on', async ({ page }) => {
    await odile(page);
    await page.goto('/');
    await expect(page.getByRole('heading', { level: 1, name: messages.library.title })).toBeVisible();
    await page.route('**/assets/**', (route) => route.abort());
    await page.getByRole('link', { name: messages.frame.classes }).click();
    await expect(page.getByRole('heading', { level: 1, name: elsewhere.brokenTitle })).toBeVisible();
    await expectClean(page);
    await page.unroute('**/assets/**');
    await page.getByRole('link', { name: elsewhere.home }).click();
    await expect(page.getByRole('heading', { level: 1, name: messages.library.title })).toBeVisible();
  });
});
