/** Backups read back, everything somebody has as one file, and leaving. */
import { readFileSync, writeFileSync } from 'node:fs';
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { expectClean } from './expect-clean';
import { newTeacher, odile, signUpByHand } from './people';

const says = messages.takingAlong;
const importing = messages.library.import;

/** A backup of a deck, as its author saves one. */
async function backedUp(page: Page, deckId: string): Promise<string> {
  await page.goto(`/decks/${deckId}`);
  await page.getByRole('button', { name: messages.editor.moreActions }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: says.backup }).click();
  const saved = await download;
  expect(saved.suggestedFilename()).toMatch(/\.zip$/);
  const path = `${await saved.path()}.zip`;
  await saved.saveAs(path);
  return path;
}

async function imported(page: Page, path: string): Promise<void> {
  await page.goto('/');

  await expect(page.getByRole('heading', { name: messages.library.title })).toBeVisible();
  await page.getByRole('button', { name: messages.library.otherSize }).click();
  await page.getByRole('menuitem', { name: importing.open }).click();
  await page.getByRole('dialog').locator('input[type=file]').setInputFiles(path);
}

test('a deck comes back from its backup for somebody else, with its pictures', async ({ page, browser }) => {
  await odile(page);
  const path = await backedUp(page, 'shore-zones');
  const other = await (await browser.newContext()).newPage();
  await newTeacher(other);
  await imported(other, path);
  await expect(other).toHaveURL(/\/decks\/\w+/);
  await expect(other.getByText('Shore zones').first()).toBeVisible();
  const picture = other.locator('img[src^="/api/pictures/"]').first();
  await expect(picture).toHaveJSProperty('complete', true);
  await expect.poll(() => picture.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBeGreaterThan(0);
  await other.context().close();
});

test('a backup that was changed, or made by a newer version, says so; what is whole of it comes', async ({ page }) => {
  await odile(page);
  const path = await backedUp(page, 'shore-zones');
  const files = unzipSync(readFileSync(path));
  const picture = Object.keys(files).find((name) => name.startsWith('pictures/')) ?? '';
  await newTeacher(page);

  writeFileSync(path, zipSync({ ...files, [picture]: strToU8('something else') }));
  await imported(page, path);
  const dialog = page.getByRole('dialog', { name: importing.title });
  await expect(dialog.getByText(importing.leftOfBackup({ what: 'picture', name: '' }))).toBeVisible();
  await expectClean(page);
  await dialog.getByRole('button', { name: importing.createDecks({ count: 1 }) }).click();
  await expect(page).toHaveURL(/\/decks\/\w+/);

  const manifest = JSON.parse(Buffer.from(files['backup.json'] ?? []).toString()) as object;
  writeFileSync(path, zipSync({ ...files, 'backup.json': strToU8(JSON.stringify({ ...manifest, version: 99 })) }));
  await imported(page, path);
  const name = path.replace(/^.*\//, '');
  await expect(dialog.getByText(importing.backupFault({ fault: 'newer', name }))).toBeVisible();

  writeFileSync(path, readFileSync(path).subarray(0, 2000));
  await imported(page, path);
  await expect(dialog.getByText(importing.backupFault({ fault: 'broken', name }))).toBeVisible();
});

test('everything is saved as one file and brought into another account; then the first one is left for good', async ({
  page,
}) => {
  await signUpByHand(page, 'Nadia Quill');
  for (const title of ['Tides', 'Owls'])
    expect((await page.request.post('/api/decks', { data: { title, opening: 'Look' } })).ok()).toBe(true);
  await page.goto('/account');
  await expectClean(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: says.everything }).click();
  const path = `${await (await download).path()}.zip`;
  await (await download).saveAs(path);
  await page.getByRole('button', { name: says.leave }).click();
  const dialog = page.getByRole('dialog', { name: says.leaveTitle });
  await expectClean(page);
  await dialog.getByLabel(messages.signIn.presentPassword).fill('not this one');
  await dialog.getByRole('button', { name: says.leaveForGood }).click();
  await expect(dialog.getByText(messages.faults['password-wrong'])).toBeVisible();
  await dialog.getByLabel(messages.signIn.presentPassword).fill('a sentence by the sea');
  await dialog.getByRole('button', { name: says.leaveForGood }).click();
  await expect(page).toHaveURL(/\/sign-in/);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: messages.signIn.title })).toBeVisible();

  await newTeacher(page);
  await imported(page, path);
  await expect(page.getByText(importing.restored({ count: 2 })).first()).toBeVisible();
  for (const title of ['Tides', 'Owls']) await expect(page.getByRole('link', { name: title }).first()).toBeVisible();
});

test('everything somebody has comes back whole for another account: decks, the class, lessons with everybody’s work', async ({
  page,
  browser,
}) => {
  await odile(page);
  await page.goto('/account');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: says.everything }).click();
  const path = `${await (await download).path()}.zip`;
  await (await download).saveAs(path);
  const other = await (await browser.newContext()).newPage();
  await newTeacher(other);
  await imported(other, path);
  const dialog = other.getByRole('dialog', { name: importing.title });
  await expect(dialog.getByText(importing.besideHint)).toBeVisible();
  await expectClean(other);
  await dialog.getByRole('button', { name: importing.restore }).click();
  await expect(other.getByText(/restored\.$/).first()).toBeVisible({ timeout: 60_000 });
  await other.goto('/classes');
  await expect(other.getByText('Amaro Finch')).toBeVisible();
  await other.goto('/lessons');
  await other
    .getByRole('link', { name: /Exit questions/ })
    .last()
    .click();
  const amaro = other.getByRole('row', { name: /^Amaro Finch/ });
  await expect(amaro).toContainText(messages.watching.submitted);
  await other.context().close();
});
