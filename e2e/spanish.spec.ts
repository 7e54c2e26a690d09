/** A second language, whole: the way of a deck from its author through a class, in Spanish. */
import * as english from '@gobrel/messages';
import * as says from '@gobrel/messages/compiled/es/index.js';
import { type Browser, expect, type Page, test } from '@playwright/test';
import { asSaid } from './as-said';
import { tablet } from './people';

test.use({ locale: 'es-ES' });

const languageOf = (page: Page) => page.evaluate(() => document.documentElement.lang);

/** A page whose browser wants Spanish. */
const spanish = async (browser: Browser) => (await tablet(browser, { locale: 'es-MX' })).newPage();

test('a teacher makes a deck and hands it out, a student fills it in and submits it, all of it in Spanish', async ({
  page,
  browser,
}) => {
  await page.goto('/sign-in');
  expect(await languageOf(page)).toBe('es');
  await page.getByRole('button', { name: says.signIn.noAccount }).click();
  await page.getByRole('button', { name: says.signIn.create }).click();
  await expect(page.getByText(says.faults['password-too-short'])).toBeVisible();
  await page.getByLabel(says.signIn.name, { exact: true }).fill('Inés Duarte');
  await page.getByLabel(says.signIn.email).fill(`${Date.now()}-es@marrambay.example`);
  await page.getByLabel(says.signIn.password).fill('reed water at night');
  await page.getByRole('button', { name: says.signIn.create }).click();
  await expect(page.getByRole('heading', { name: says.library.title })).toBeVisible();

  await page.getByRole('button', { name: says.library.newDeck }).first().click();
  await expect(page.getByLabel(says.editor.slideName)).toBeVisible();
  await page.getByRole('button', { name: says.questions.add, exact: true }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^${says.questions.starts['short-text'].name}`) })
    .click();
  await expect(page.getByText(says.kept.saved, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: says.handOut.action }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: says.handOut.action }).click();
  const code = (await dialog.getByText(/^[A-Z]{4}-\d{3}$/).textContent()) ?? '';
  await dialog.getByRole('link', { name: says.handOut.toLesson }).click();

  const student = await spanish(browser);
  await student.goto('/join');
  expect(await languageOf(student)).toBe('es');
  await student.getByLabel(says.join.code).fill(code);
  await student.getByRole('button', { name: says.join.enter }).click();
  await student.getByLabel(says.join.firstName).fill('Kit');
  await student.getByRole('button', { name: says.join.begin }).click();
  await student.getByRole('textbox', { name: says.questions.newShort }).fill('lavanda de mar');
  await expect(student.getByText(says.student.progress({ filled: 1, asked: 1 }))).toBeVisible();
  await student.getByRole('button', { name: says.student.submit }).first().click();
  await student.getByRole('dialog').getByRole('button', { name: says.student.submit }).click();
  await expect(student.getByText(asSaid(says.student.submitted, { at: 0 }))).toBeVisible();

  const row = page.getByRole('row', { name: /^Kit/ });
  await expect(row).toContainText(says.watching.states.submitted);
  await page.getByRole('tab', { name: says.board.answers }).click();
  await expect(page.getByText('lavanda de mar')).toBeVisible();
  // Nothing of it is in English.
  for (const said of [english.board.answers, english.student.submit, english.board.classScreen])
    await expect(page.getByText(said, { exact: true })).toHaveCount(0);
  await student.context().close();
});

test('a language is chosen on the page, whatever the browser wants, and stays', async ({ page }) => {
  await page.goto('/join');
  await expect(page.getByRole('heading', { name: says.join.title })).toBeVisible();
  await page.getByLabel(says.frame.language).selectOption('en');
  await expect(page.getByRole('heading', { name: english.join.title })).toBeVisible();
  expect(await languageOf(page)).toBe('en-GB');
  await page.goto('/sign-in');
  await expect(page.getByRole('heading', { name: english.signIn.title })).toBeVisible();
  await page.getByLabel(english.frame.language).selectOption('es');
  await expect(page.getByRole('heading', { name: says.signIn.title })).toBeVisible();
});

test('a teacher finds the language they chose on every device', async ({ page, browser }) => {
  await page.goto('/sign-in');
  const made = await page.request.post('/api/accounts', {
    data: { name: 'Ula Reed', email: 'ula.reed@marrambay.example', password: 'mudflats at noon' },
  });
  expect(made.ok()).toBe(true);
  await page.goto('/');
  await page.getByLabel(says.frame.language).selectOption('en');
  await expect(page.getByRole('heading', { level: 1, name: english.library.title })).toBeAttached();
  // Another device, whose browser wants Spanish.
  const other = await browser.newContext({ locale: 'es-ES' });
  const there = await other.newPage();
  await there.goto('/sign-in');
  await there.getByLabel(says.signIn.email).fill('ula.reed@marrambay.example');
  await there.getByLabel(says.signIn.password).fill('mudflats at noon');
  await there.getByRole('button', { name: says.signIn.title, exact: true }).click();
  await expect(there.getByRole('heading', { level: 1, name: english.library.title })).toBeAttached();
  expect(await languageOf(there)).toBe('en-GB');
  await other.close();
});
