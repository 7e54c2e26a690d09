/** Nobody's seat, as teacher and students see it: cards, resetting and removing, and devices that are shared. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { lessonOf, row, student } from './handed-out';
import { newClass, newDeck, newTeacher, odile, saved } from './people';

/** The names of the documents that a browser keeps for a teacher or a student. */
const keptOn = (page: Page, speaker: 'teacher' | 'student') =>
  page.evaluate(
    async (prefix) => (await indexedDB.databases()).map(({ name }) => name).filter((name) => name?.startsWith(prefix)),
    `gobrel ${speaker}`,
  );

/** A class of a new teacher in a lesson, and one of its students at work. */
async function atWork(page: Page, browser: Parameters<typeof student>[0]) {
  await newTeacher(page);
  const classId = await newClass(page, '6 Plover', ['Ida Marsh', 'Jory Sand']);
  await newDeck(page, 'Plovers');
  const deckId = new URL(page.url()).pathname.split('/')[2] ?? '';
  const lesson = await lessonOf(page, { deckId, classId, terms: { guests: true } });
  const ida = await student(browser, lesson, 'Ida Marsh');
  return { lesson, ida };
}

test('printed cards keep their PINs when their page is loaded again, and make new ones only when told to', async ({
  page,
}) => {
  await newTeacher(page);
  await newClass(page, '6 Tern', ['Ana Lima', 'Odhrán Wick']);
  await page.goto('/classes');
  const made: string[] = [];
  page.on('request', (request) => {
    if (request.method() === 'POST' && request.url().endsWith('/pins')) made.push(request.url());
  });
  await page.getByRole('button', { name: messages.classes.more({ className: '6 Tern' }) }).click();
  await page.getByRole('menuitem', { name: messages.classes.cards }).click();
  await page.getByRole('button', { name: messages.classes.cardsAction }).click();
  const cards = page.getByRole('listitem');
  await expect(cards.first()).toContainText(/PIN: \d{4}/);
  const before = await cards.allTextContents();
  await page.reload();
  await expect(cards.first()).toContainText(/PIN: \d{4}/);
  expect(await cards.allTextContents()).toEqual(before);
  expect(made).toHaveLength(1);
  const elsewhere = await page.context().newPage();
  await elsewhere.goto(page.url());
  await expect(elsewhere.getByText(messages.classes.noCards)).toBeVisible();
  await expect(elsewhere.getByRole('listitem')).toHaveCount(0);
  await expectClean(elsewhere);
  expect(made).toHaveLength(1);
});

test('on the board a PIN is reset and somebody removed and let in again; their device leaves at once', async ({
  page,
  browser,
}) => {
  const { lesson, ida } = await atWork(page, browser);
  await page.goto(`/lessons/${lesson.id}`);
  const menu = page.getByRole('button', { name: messages.seats.more({ name: 'Ida Marsh' }) });
  await menu.click();
  await page.getByRole('menuitem', { name: messages.seats.resetPin({ name: 'Ida Marsh' }) }).click();
  await expect(ida.getByRole('heading', { name: messages.join.title })).toBeVisible();
  await expect(ida.getByText(messages.join.signedOut({ name: 'Ida Marsh', title: 'Plovers' }))).toBeVisible();
  await expect(ida.getByRole('link', { name: messages.join.enter })).toBeHidden();
  await ida.goto(`/join/${lesson.code}`);
  await ida.getByRole('button', { name: 'Ida Marsh' }).click();
  await ida.getByLabel(messages.join.newPin).fill('1357');
  await ida.getByRole('button', { name: messages.join.begin }).click();
  await expect(ida.getByRole('button', { name: messages.student.submit })).toBeVisible();

  await menu.click();
  await page.getByRole('menuitem', { name: messages.seats.remove({ name: 'Ida Marsh' }) }).click();
  await expect(ida.getByRole('heading', { name: messages.join.title })).toBeVisible();
  await expect(row(page, 'Ida Marsh')).toBeHidden();
  await ida.goto(`/join/${lesson.code}`);
  await ida.getByRole('button', { name: 'Ida Marsh' }).click();
  await ida.getByLabel(messages.join.pin).fill('1357');
  await expect(ida.getByRole('alert')).toContainText(messages.problems.removed);

  await page.getByRole('button', { name: messages.seats.letIn({ name: 'Ida Marsh' }) }).click();
  await expect(row(page, 'Ida Marsh')).toBeVisible();
  await ida.reload();
  await ida.getByRole('button', { name: 'Ida Marsh' }).click();
  await ida.getByLabel(messages.join.pin).fill('1357');
  await expect(ida.getByRole('button', { name: messages.student.submit })).toBeVisible();
  await ida.context().close();
});

test('a guest is marked as one on the board, and cannot be called like somebody of the class', async ({
  page,
  browser,
}) => {
  const { lesson, ida } = await atWork(page, browser);
  await ida.context().close();
  const guest = await (await browser.newContext()).newPage();
  await guest.goto(`/join/${lesson.code}`);
  await guest.getByLabel(messages.join.guestName).fill('jory  SAND');
  await guest.getByRole('button', { name: messages.join.begin }).click();
  await expect(guest.getByRole('alert')).toContainText(messages.faults['name-on-list']);
  await guest.getByLabel(messages.join.guestName).fill('Kit');
  await guest.getByRole('button', { name: messages.join.begin }).click();
  await expect(guest.getByRole('button', { name: messages.student.submit })).toBeVisible();
  await page.goto(`/lessons/${lesson.id}`);
  await expect(row(page, 'Kit')).toContainText(messages.seats.guest);
  await row(page, 'Kit').getByRole('button', { name: 'Kit Guest' }).click();
  await page.getByRole('button', { name: messages.seats.more({ name: 'Kit' }) }).click();
  await page.getByRole('menuitem', { name: messages.seats.remove({ name: 'Kit' }) }).click();
  await expect(guest.getByRole('heading', { name: messages.join.title })).toBeVisible();
  await guest.context().close();
});

test('a teacher who signs out leaves no deck, plan or lesson on the device, nor in another tab', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk');
  await saved(page);
  await page.goto('/lessons/shore-lesson');
  await expect(page.getByRole('heading', { name: /Shore zones/ })).toBeVisible();
  await expect.poll(() => keptOn(page, 'teacher')).not.toHaveLength(0);
  const other = await page.context().newPage();
  await other.goto('/decks/shore-zones');
  await saved(other);
  await page.goto('/');
  await page.evaluate(() => localStorage.setItem('gobrel plan night-walk', '1. A draft'));
  await page.getByRole('button', { name: messages.frame.signOut }).click();
  await expect(page.getByRole('heading', { name: messages.signIn.title })).toBeVisible();
  await expect(other.getByRole('heading', { name: messages.signIn.title })).toBeVisible();
  await expect.poll(() => keptOn(page, 'teacher')).toEqual([]);
  expect(await page.evaluate(() => Object.keys(localStorage).filter((key) => /plan|last moment/.test(key)))).toEqual(
    [],
  );
});

test('a student who leaves a shared device leaves nothing on it', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const shared = await student(browser, lesson, 'Cosima Rudd');
  await expect.poll(() => keptOn(shared, 'student')).not.toHaveLength(0);
  await shared.getByRole('button', { name: messages.student.leave({ name: 'Cosima Rudd' }) }).click();
  await expect(shared.getByRole('heading', { name: messages.join.title })).toBeVisible();
  await expect.poll(() => keptOn(shared, 'student')).toEqual([]);
  await shared.goto('/work');
  await expect(shared.getByRole('heading', { name: messages.join.title })).toBeVisible();
  await shared.context().close();
});

test('whoever signs in where another student forgot to leave finds nothing of theirs', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const shared = await student(browser, lesson, 'Cosima Rudd');
  const before = await keptOn(shared, 'student');
  await shared.goto(`/join/${lesson.code}`);
  await shared.getByRole('button', { name: 'Farid Moss', exact: true }).click();
  await shared.getByLabel(messages.join.pin).fill('2468');
  await expect(shared.getByText(/^Farid Moss/)).toBeVisible();
  await expect
    .poll(async () => (await keptOn(shared, 'student')).filter((name) => name?.includes(':') && before.includes(name)))
    .toEqual([`gobrel student lesson:${lesson.id}`]);
  await shared.context().close();
});

test('leaving with changes that only this device has asks first, and nothing is lost by staying', async ({
  page,
  browser,
}) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const shared = await student(browser, lesson, 'Cosima Rudd');
  await shared.context().setOffline(true);
  await shared.getByRole('button', { name: messages.walking.next }).click();
  await expect(shared.getByText(messages.kept['on-device'])).toBeVisible();
  const leave = shared.getByRole('button', { name: messages.student.leave({ name: 'Cosima Rudd' }) });
  await leave.click();
  await expect(shared.getByRole('dialog')).toContainText(messages.frame.leavingText({ unsaved: 1 }));
  await expectClean(shared);
  await shared.getByRole('button', { name: messages.frame.stay }).click();
  await shared.context().setOffline(false);
  await saved(shared);
  await leave.click();
  await expect(shared.getByRole('heading', { name: messages.join.title })).toBeVisible();
  await shared.context().close();
});
