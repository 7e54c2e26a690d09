/** How shapes, pictures and texts look, as their author sets them. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { deflateSync } from 'node:zlib';
import { dragBy, item, newDeck, newTeacher, pickColour, saved, withGroupsOpen } from './people';

const field = (page: Page, name: string) => page.getByRole('spinbutton', { name, exact: true });
const canvas = (page: Page) => page.locator('[data-canvas]');

/** A PNG of one colour, as large as is wanted. */
function png(width: number, height: number): Buffer {
  const crcTable = Array.from({ length: 256 }, (_, index) => {
    let value = index;
    for (let bit = 0; bit < 8; bit += 1) value = value & 1 ? 0xedb88320 ^ (value >>> 1) : value >>> 1;
    return value >>> 0;
  });
  const crc = (bytes: Buffer) =>
    (bytes.reduce((sum, byte) => (crcTable[(sum ^ byte) & 255] ?? 0) ^ (sum >>> 8), 0xffffffff) ^ 0xffffffff) >>> 0;
  const chunk = (name: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(name), data]);
    const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
    length.writeUInt32BE(data.length);
    sum.writeUInt32BE(crc(body));
    return Buffer.concat([length, body, sum]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2], 8);
  const rows = Buffer.alloc(height * (1 + 3 * width), 90);
  for (let row = 0; row < height; row += 1) rows[row * (1 + 3 * width)] = 0;
  const signature = Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]);
  return Buffer.concat([
    signature,
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

test.beforeEach(async ({ page }) => {
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'Saltmarsh');
});

test('any of the shapes is placed, changed into another, and gets its line and fill', async ({ page }) => {
  await page.getByRole('button', { name: messages.editor.shapes }).click();
  const shapes = page.getByRole('dialog').getByRole('group', { name: messages.editor.shapes }).getByRole('button');
  expect(await shapes.count()).toBeGreaterThanOrEqual(24);
  await page.getByRole('button', { name: messages.shapes.cloud, exact: true }).click();
  const outline = canvas(page).locator('.gv-outline path');
  const cloud = await outline.getAttribute('d');
  await page.getByRole('button', { name: 'Shape: Cloud' }).click();
  await page.getByRole('button', { name: messages.shapes.heart, exact: true }).click();
  await expect(page.getByRole('button', { name: 'Shape: Heart' })).toBeVisible();
  expect(await outline.getAttribute('d')).not.toBe(cloud);
  await pickColour(page, messages.editor.fill, messages.colours.transparent);
  await pickColour(page, messages.editor.outline, messages.asking.colours['#9b2242']);
  await field(page, messages.editor.weight).fill('10');
  await page.getByRole('radio', { name: messages.editor.dashes.dashed }).click();
  await expect(outline).toHaveAttribute('fill', 'transparent');
  await expect(outline).toHaveAttribute('stroke', '#9b2242');
  await expect(outline).toHaveAttribute('stroke-width', '10');
  await expect(outline).toHaveAttribute('stroke-dasharray', '30 20');
  await saved(page);
});

test('a picture is cropped, cut to a shape, flipped, bordered and replaced, keeping its place', async ({ page }) => {
  const choose = page.getByRole('toolbar').locator('input[type=file]');
  await choose.setInputFiles({ name: 'wide.png', mimeType: 'image/png', buffer: png(800, 400) });
  const image = canvas(page).locator('.gv-picture');
  await expect(image).toBeVisible();
  await expect(page.getByText(messages.editor.sharpness.sharp)).toBeVisible();
  await page.getByRole('button', { name: messages.editor.crop, exact: true }).click();
  const handle = page.getByRole('button', { name: new RegExp(`^${messages.editor.cropHandles.eDragHandle}`) });
  await handle.focus();
  for (let count = 0; count < 5; count += 1) await page.keyboard.press('Shift+ArrowLeft');
  await page.getByRole('button', { name: messages.common.keep }).click();
  const wide = field(page, messages.editor.wide);
  await expect.poll(async () => Number(await wide.inputValue())).toBeLessThan(740);
  const cropped = Number(await wide.inputValue());
  await expect(field(page, messages.editor.high)).toHaveValue('384');
  await page.getByRole('button', { name: new RegExp(`^${messages.editor.cutOut}`) }).click();
  await page.getByRole('button', { name: messages.shapes.star, exact: true }).click();
  await expect(canvas(page).locator('.gv-cut')).toHaveCSS('clip-path', /^path/);
  await page.getByRole('button', { name: messages.editor.flipAcross }).click();
  await expect(canvas(page).locator('.gv-cut')).toHaveCSS('transform', 'matrix(-1, 0, 0, 1, 0, 0)');
  await field(page, messages.editor.opacity).fill('50');
  await expect(canvas(page).locator('.gv-cut')).toHaveCSS('opacity', '0.5');
  await pickColour(page, messages.editor.outline, messages.colours['#0f5c5a']);
  await expect(canvas(page).locator('.gv-outline path')).toHaveAttribute('stroke', '#0f5c5a');
  const before = await image.getAttribute('src');
  await page
    .getByRole('complementary')
    .locator('input[type=file]')
    .setInputFiles({ name: 'small.png', mimeType: 'image/png', buffer: png(90, 90) });
  await expect(image).not.toHaveAttribute('src', before ?? '');
  await expect(wide).toHaveValue(String(cropped));
  await expect(page.getByText(messages.editor.sharpness.blurred)).toBeVisible();
});

test('while a picture is being resized, it is said how sharp it will be', async ({ page }) => {
  const choose = page.getByRole('toolbar').locator('input[type=file]');
  await choose.setInputFiles({ name: 'small.png', mimeType: 'image/png', buffer: png(300, 300) });
  await expect(page.getByText(messages.editor.sharpness.sharp)).toBeVisible();
  const corner = await page.locator('[data-handle="1,1"]').boundingBox();
  if (!corner) throw new Error('no handle');
  await page.mouse.move(corner.x + 8, corner.y + 8);
  await page.mouse.down();
  await page.mouse.move(corner.x + 200, corner.y + 150, { steps: 5 });
  await expect(page.getByText(/^(Slightly soft|Blurry) on a projector/)).toBeVisible();
  await page.mouse.up();
});

test('words are highlighted, raised, quoted, set in a font; characters no key types are put in', async ({ page }) => {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('H2');
  await page.keyboard.press('Shift+ArrowLeft');
  await page.getByRole('button', { name: messages.editor.textMarks.subscript }).click();
  await page.keyboard.press('End');
  await page.getByRole('button', { name: messages.editor.textMarks.subscript }).click();
  await page.keyboard.type('O');
  await page.getByRole('button', { name: messages.editor.textMarks.blockquote }).click();
  await page.getByRole('button', { name: messages.editor.characters }).click();
  await page.getByRole('button', { name: '→', exact: true }).click();
  await page.keyboard.press('Escape');
  const text = canvas(page).locator('.gv-text').last();
  await expect(text.locator('blockquote')).toHaveText('H2O→');
  await expect(text.locator('sub')).toHaveText('2');
  await page.getByRole('button', { name: messages.editor.textMarks.highlight }).click();
  await page.keyboard.press('Escape');
  await expect(text.locator('mark').first()).toBeVisible();
  await page
    .getByRole('combobox', { name: new RegExp(`^${messages.editor.font}`) })
    .selectOption(messages.editor.fonts.serif);
  await expect(text).toHaveCSS('font-family', /Serif/);
  await field(page, messages.editor.lineSpacing).fill('2');
  await expect(text).toHaveCSS('line-height', /^7[0-9]|^56/);
  await page.getByRole('radio', { name: messages.editor.uprightBottom }).click();
  await expect(canvas(page).locator('.gv-upright').last()).toHaveCSS('justify-content', 'flex-end');
});

test('a text without room runs over in sight, shrinks, or makes its box grow', async ({ page }) => {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type(
    'The tide turns twice a day, and with it everything that lives between the lines of high and low water.',
  );
  await page.keyboard.press('Escape');
  await expect(canvas(page).getByText(messages.editor.runsOver)).toBeVisible();
  await page.getByRole('radio', { name: messages.editor.fits.shrink }).click();
  await expect(canvas(page).getByText(messages.editor.runsOver)).toBeHidden();
  const box = canvas(page).locator('.gv-upright').last();
  expect(Number(await box.evaluate((element) => getComputedStyle(element).getPropertyValue('--gv-fit')))).toBeLessThan(
    1,
  );
  await page.getByRole('radio', { name: messages.editor.fits.grow }).click();
  await page.keyboard.press('Escape');
  await item(page, /^Text, “The tide/).dblclick();
  await page.keyboard.type(' And so on.');
  await expect.poll(async () => Number(await field(page, messages.editor.high).inputValue())).toBeGreaterThan(100);
  await page.keyboard.press('Escape');
  await expect(canvas(page).getByText(messages.editor.runsOver)).toBeHidden();
});

test('a text in a language written from the right begins at the right', async ({ page }) => {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.insertText('שלום');
  await page.keyboard.press('Escape');
  const paragraph = canvas(page).locator('.gv-text p').last();
  const place = await paragraph.evaluate((element) => {
    const range = document.createRange();
    range.selectNodeContents(element);
    const [words, box] = [range.getBoundingClientRect(), element.getBoundingClientRect()];
    return { left: words.left - box.left, right: box.right - words.right };
  });
  expect(place.right).toBeLessThan(2);
  expect(place.left).toBeGreaterThan(20);
  await dragBy(page, item(page, /^Text, “שלום/), 0, 60);
});
