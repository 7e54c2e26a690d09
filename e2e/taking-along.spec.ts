/** Taking a deck along: a show in one file, opened without any server. */
import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import { HtmlValidate } from 'html-validate';
import { expectClean } from './expect-clean';
import { lessonOf, student } from './handed-out';
import { odile, ownCopy, rosterOf } from './people';

const says = messages.exporting;

/** Exports a deck as one file; gives where it is. */
async function exported(page: Page, deckId: string, withKeys = true): Promise<string> {
  await page.goto(`/decks/${deckId}`);
  await page.getByRole('button', { name: messages.editor.moreActions }).click();
  await page.getByRole('menuitem', { name: says.action }).click();
  const dialog = page.getByRole('dialog', { name: says.title });
  await expect(dialog.getByRole('button', { name: says.save })).toBeEnabled();
  await expectClean(page);
  if (!withKeys) await dialog.getByLabel(says.keys).uncheck();
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: says.save }).click();
  const saved = await download;
  expect(saved.suggestedFilename()).toMatch(/\.html$/);
  return saved.path();
}

/** Opens a file as by a double click, and notes whatever it asks anybody for. */
async function opened(page: Page, path: string): Promise<readonly string[]> {
  const asked: string[] = [];
  page.on('request', (request) => {
    if (!/^(file|data|blob):/.test(request.url())) asked.push(request.url());
  });
  const copy = `${path}.html`;
  copyFileSync(path, copy);
  await page.goto(`file://${copy}`);
  return asked;
}

/** What an HTML validator says against a file. */
async function faultsOf(html: string): Promise<readonly string[]> {
  const validator = new HtmlValidate({ root: true, extends: ['html-validate:standard'] });
  const { results } = await validator.validateString(html);
  return results.flatMap(({ messages: found }) => found.map(({ ruleId, message }) => `${ruleId}: ${message}`));
}

test('the night walk as one file is opened without a server, walked, and found again after closing it', async ({
  page,
  browser,
}) => {
  await odile(page);
  const path = await exported(page, 'night-walk');
  const html = readFileSync(path, 'utf8');
  expect(html.length).toBeLessThan(1_500_000);
  expect(await faultsOf(html)).toEqual([]);
  const alone = await (await browser.newContext({ offline: true })).newPage();
  const faults: string[] = [];
  alone.on('pageerror', (error) => faults.push(error.message));
  alone.on('console', (message) => {
    if (message.type() === 'error') faults.push(message.text());
  });
  const asked = await opened(alone, path);
  await expect(alone.getByRole('link', { name: 'Step onto the boards' })).toBeVisible();
  await expectClean(alone);
  const shown = alone.locator('img').first();
  await expect(shown).toHaveJSProperty('complete', true);
  expect(await shown.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBeGreaterThan(0);
  await alone.getByRole('link', { name: 'Step onto the boards' }).click();
  await expect(alone.getByRole('link', { name: 'Follow the splash' })).toBeVisible();
  await alone.reload();
  await expect(alone.getByRole('link', { name: 'Follow the splash' })).toBeVisible();
  await alone.keyboard.press('ArrowLeft');
  await expect(alone.getByRole('link', { name: 'Step onto the boards' })).toBeVisible();
  expect(asked).toEqual([]);
  expect(faults).toEqual([]);
  await alone.context().close();
});

test('a file checks answers by its keys; without them it has none, and opens what waits for them', async ({
  page,
  browser,
}) => {
  await odile(page);
  const deckId = await ownCopy(page, 'night-watch');
  const alone = await (await browser.newContext({ offline: true })).newPage();
  await opened(alone, await exported(page, deckId));
  await alone.getByRole('radio', { name: 'an owl over the hide' }).check();
  await alone.getByRole('button', { name: messages.telling.check }).click();
  await expect(alone.getByText('That one does not swim.')).toBeVisible();

  const path = await exported(page, deckId, false);
  expect(readFileSync(path, 'utf8')).not.toContain('That one does not swim.');
  await opened(alone, path);
  await expect(alone.getByRole('radio', { name: 'an owl over the hide' })).toBeVisible();
  await expect(alone.getByRole('button', { name: messages.telling.check })).toHaveCount(0);
  await alone.context().close();
  await page.request.delete(`/api/decks/${deckId}`);
});

test('a file that was cut short or changed by hand says so, or shows what is left of it', async ({ page, browser }) => {
  await odile(page);
  const path = await exported(page, 'night-walk');
  const html = readFileSync(path, 'utf8');
  const alone = await (await browser.newContext({ offline: true })).newPage();
  writeFileSync(path, html.replace('"format":"gobrel show"', '"format":"gobrel'));
  await opened(alone, path);
  await expect(alone.getByRole('alert')).toHaveText(says.brokenFile);
  writeFileSync(path, html.replaceAll(/(data-content="[^"]*" data-type="[^"]*">)[^<]*/g, '$1!'));
  await opened(alone, path);
  await expect(alone.getByRole('link', { name: 'Step onto the boards' })).toBeVisible();
  await alone.context().close();
});

test('a lesson is downloaded as one file: pages of each student, a table, everybody’s slides, the data', async ({
  page,
}) => {
  const { lessonFile } = messages;
  await odile(page);
  await page.goto('/lessons/exit-lesson');
  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.lessons.takeAlong }).click();
  const dialog = page.getByRole('dialog', { name: lessonFile.title });
  await expect(dialog.getByRole('radio', { name: lessonFile.choices.apart })).toBeVisible();
  await expectClean(page);
  await dialog.getByRole('radio', { name: lessonFile.choices.apart }).click();
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: lessonFile.save, exact: true }).click();
  const files = unzipSync(readFileSync(await (await download).path()));
  expect(Object.keys(files)).toEqual(
    expect.arrayContaining([
      `${lessonFile.results}.csv`,
      `${lessonFile.pages}/Amaro Finch.pdf`,
      `${lessonFile.deck}.zip`,
      `${lessonFile.data}.zip`,
    ]),
  );
  expect(strFromU8(files[`${lessonFile.results}.csv`] ?? new Uint8Array())).toContain('Amaro Finch');
  const pdf = join(mkdtempSync(join(tmpdir(), 'lesson-')), 'amaro.pdf');
  writeFileSync(pdf, files[`${lessonFile.pages}/Amaro Finch.pdf`] ?? '');
  const text = execFileSync('pdftotext', [pdf, '-'], { encoding: 'utf8' });
  expect(text).toContain('Amaro Finch');
  // What was said to the work stands under its slide.
  expect(text).toContain('Read the question once more');
  expect(text).toContain('sea lavender');
  const deck = unzipSync(files[`${lessonFile.deck}.zip`] ?? new Uint8Array());
  expect(strFromU8(deck['decks/001.json'] ?? new Uint8Array())).toContain('Amaro Finch');
});

test('what a student did in a file without a network is saved, and brought into the lesson by the teacher', async ({
  page,
  browser,
}) => {
  const { workFiles } = messages;
  await odile(page);
  const deckId = await ownCopy(page, 'night-watch');
  const alone = await (await browser.newContext({ offline: true })).newPage();
  await opened(alone, await exported(page, deckId, false));
  await alone.getByRole('radio', { name: 'an owl over the hide' }).check();
  await alone.getByRole('button', { name: workFiles.save }).click();
  await alone.getByLabel(workFiles.yourName).fill('Amaro Finch');
  await expectClean(alone);
  const download = alone.waitForEvent('download');
  await alone.getByRole('button', { name: workFiles.saveFile }).click();
  const saved = await download;
  expect(saved.suggestedFilename()).toMatch(/Amaro Finch\.json$/);
  const text = readFileSync(await saved.path(), 'utf8');
  await alone.context().close();

  const lesson = await lessonOf(page, { deckId });
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: workFiles.bringIn }).click();
  const dialog = page.getByRole('dialog', { name: workFiles.bringIn });
  await dialog.getByLabel(workFiles.choose).setInputFiles([
    { name: 'amaro.json', mimeType: 'application/json', buffer: Buffer.from(text) },
    { name: 'list.json', mimeType: 'application/json', buffer: Buffer.from('[]') },
  ]);
  await expect(dialog.getByText(workFiles.faults['not-work'])).toBeVisible();
  await expect(dialog.getByLabel(workFiles.whose({ file: 'amaro.json' }))).not.toHaveValue('');
  await expectClean(page);
  await dialog.getByRole('button', { name: workFiles.bring({ count: 1 }) }).click();
  await expect(dialog.getByText(workFiles.brought({ taken: 1, kept: 0, unfit: 0, name: 'Amaro Finch' }))).toBeVisible();
  const amaro = await student(browser, lesson, 'Amaro Finch');
  await expect(amaro.getByRole('radio', { name: 'an owl over the hide' })).toBeChecked();
  await amaro.context().close();
  await page.request.delete(`/api/decks/${deckId}`);
});

test('what is kept about a student is a page for their parents, with the data beside it', async ({ page, browser }) => {
  const { classes, studentRecord } = messages;
  await odile(page);
  await page.goto('/classes');
  const roster = await rosterOf(page, '6 Heron');
  await roster.getByRole('button', { name: classes.moreOf({ name: 'Amaro Finch' }) }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: classes.data }).click();
  const files = unzipSync(readFileSync(await (await download).path()));
  expect(Object.keys(files).sort()).toEqual(['Amaro Finch.html', 'Amaro Finch.json']);
  const html = join(mkdtempSync(join(tmpdir(), 'record-')), 'amaro.html');
  writeFileSync(html, files['Amaro Finch.html'] ?? '');
  const alone = await (await browser.newContext({ offline: true })).newPage();
  await alone.goto(`file://${html}`);
  await expect(alone.getByRole('heading', { name: studentRecord.title({ name: 'Amaro Finch' }) })).toBeVisible();
  await expect(alone.getByRole('cell', { name: 'sea lavender' })).toBeVisible();
  await expectClean(alone);
  await alone.context().close();
});
