/** Pages of a PDF: chosen, drawn and stored; with their words and links, locked documents, and broken ones. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import PDFDocument from 'pdfkit';
import { startOf } from './as-said';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher, saved } from './people';

const says = messages.documents;

/** A document whose pages say which they are; the first links to the third and to the web. */
async function madePdf(pages: number, password?: string): Promise<Buffer> {
  const doc = new PDFDocument({ size: 'A5', ...(password === undefined ? {} : { userPassword: password }) });
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise((resolve) => doc.on('end', resolve));
  for (let page = 1; page <= pages; page += 1) {
    if (page > 1) doc.addPage();
    doc.addNamedDestination(`page-${page}`);
    doc.fontSize(24).text(`Tide table ${page}`, 40, 40);
    doc.fontSize(14).text(`High water at ${page}:30`, 40, 100);
    if (page > 1) continue;
    doc.goTo(40, 160, 200, 20, 'page-3');
    doc.link(40, 200, 200, 20, 'https://marsh.example/tides');
  }
  doc.end();
  await ended;
  return Buffer.concat(chunks);
}

async function choosePdf(page: Page, buffer: Buffer, name = 'tide table.pdf'): Promise<void> {
  await page.getByRole('button', { name: messages.media.title, exact: true }).click();
  await page.getByLabel(says.fromPdf).setInputFiles({ name, mimeType: 'application/pdf', buffer });
}

test('chosen pages become slides, with their words and links, and one press takes them back', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Tides');
  await choosePdf(page, await madePdf(5));
  const dialog = page.getByRole('dialog', { name: says.title({ name: 'tide table.pdf' }) });
  await expect(dialog.getByRole('checkbox')).toHaveCount(5);
  await expect(dialog.getByRole('checkbox').first()).toBeChecked();
  await expect(dialog.locator('img').first()).toBeVisible();
  await expectClean(page);
  await dialog.getByLabel(says.which).fill('1-9');
  await expect(dialog.getByRole('alert')).toHaveText(says.whichWrong({ count: 5 }));
  await dialog.getByLabel(says.which).fill('1, 3');
  await expect(dialog.getByRole('checkbox', { checked: true })).toHaveCount(2);
  await dialog.getByRole('button', { name: says.place({ count: 2 }) }).click();
  await expect(dialog).toHaveCount(0);
  const canvas = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  await expect(canvas.getByRole('img', { name: says.pageOf({ number: 1, title: 'tide table' }) })).toBeVisible();
  // What is written on it is there to be read out and found.
  await expect(canvas).toContainText('High water at 1:30');
  await expect(canvas.getByRole('button', { name: new RegExp(`^${messages.kinds.hotspot}`) })).toHaveCount(2);
  await saved(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.common.undo }).first().click();
  await expect(
    page.getByRole('button', { name: new RegExp(`^2 ${says.pageOf({ number: 1, title: 'tide table' })}`) }),
  ).toHaveCount(0);
});

test('as a worksheet the page is locked under what students write', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Worksheets');
  await choosePdf(page, await madePdf(1));
  const dialog = page.getByRole('dialog');
  await dialog.getByText(says.uses.worksheets).click();
  await dialog.getByRole('button', { name: says.place({ count: 1 }) }).click();
  const canvas = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  await expect(canvas.getByRole('button', { name: new RegExp(messages.editor.inBackdrop) })).toHaveCount(1);
  await expect(canvas.getByRole('button', { name: new RegExp(`^${messages.kinds['open-area']}`) })).toHaveCount(1);
});

test('a locked document asks for its password, and says when it was the wrong one', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Locked');
  await choosePdf(page, await madePdf(2, 'samphire'));
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel(says.passwordOf({ name: 'tide table.pdf' })).fill('seaweed');
  await page.keyboard.press('Enter');
  await expect(dialog.getByRole('alert')).toHaveText(says.wrongPassword);
  await expectClean(page);
  await dialog.getByLabel(says.passwordOf({ name: 'tide table.pdf' })).fill('samphire');
  await page.keyboard.press('Enter');
  await expect(dialog.getByRole('checkbox')).toHaveCount(2);
});

test('in the library a locked document among others asks for its password, or is left out', async ({ page }) => {
  const importing = messages.library.import;
  await newTeacher(page);
  await page.goto('/');
  const pdf = async (name: string, password?: string) => ({
    ...{ name, mimeType: 'application/pdf', buffer: await madePdf(2, password) },
  });
  const files = [await pdf('neap.pdf', 'samphire'), await pdf('spring.pdf'), await pdf('storm.pdf', 'wrack')];
  await page.getByRole('main').getByRole('button', { name: importing.open, exact: true }).click();
  const dialog = page.getByRole('dialog', { name: importing.title });
  await page.getByLabel(importing.choose).setInputFiles(files);
  const password = dialog.getByLabel(says.passwordOf({ name: 'neap.pdf' }));
  await password.fill('seaweed');
  await page.keyboard.press('Enter');
  await expect(dialog.getByRole('alert')).toHaveText(says.wrongPassword);
  await expectClean(page);
  await password.fill('samphire');
  await page.keyboard.press('Enter');
  await expect(dialog.getByLabel(says.passwordOf({ name: 'storm.pdf' }))).toBeFocused();
  await dialog.getByRole('button', { name: importing.leaveOut }).click();
  await expect(dialog.getByRole('list', { name: importing.left })).toHaveText(
    importing.pdfLocked({ name: 'storm.pdf' }),
  );
  await dialog.getByRole('button', { name: importing.createDecks({ count: 2 }) }).click();
  for (const title of [/neap/, /spring/]) await expect(page.getByRole('link', { name: title }).first()).toBeVisible();
});

test('a broken document is said to be, and a long one is begun and left at once', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Broken and long');
  await choosePdf(page, Buffer.from('%PDF-1.7\nno more than that'));
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('alert')).toHaveText(says.broken);
  await dialog.getByRole('button', { name: messages.common.close }).first().click();
  await choosePdf(page, await madePdf(500));
  // Reading 500 pages takes a weak machine a while.
  await expect(dialog.getByRole('checkbox')).toHaveCount(500, { timeout: 60_000 });
  await dialog.getByRole('button', { name: says.all, exact: true }).click();
  await dialog.getByRole('button', { name: says.place({ count: 500 }) }).click();
  await expect(dialog.getByRole('progressbar')).toBeVisible();
  await dialog.getByRole('button', { name: messages.common.cancel }).click();
  await expect(dialog).toHaveCount(0);
  // Nothing of it was placed.
  await expect(page.getByRole('button', { name: /^2 / })).toHaveCount(0);
});
