/** Lines and arrows that join items, and signs and stickers from the collection. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { dragByTouch, middleOf, newDeck, newTeacher, pickColour, saved, tablet, withGroupsOpen } from './people';

test.beforeEach(async ({ page }) => {
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'Who eats whom');
});

/** Two rectangles side by side, both selected. */
async function twoRectangles(page: Page): Promise<void> {
  for (const x of ['100', '800']) {
    await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
    await page.getByLabel(messages.editor.fromLeft, { exact: true }).fill(x);
    await page.getByLabel(messages.editor.fromTop, { exact: true }).fill('320');
  }
  await shape(page).first().click();
  await shape(page)
    .last()
    .click({ modifiers: ['Shift'] });
  await expect(page.getByRole('heading', { name: messages.editor.several({ count: 2 }) })).toBeVisible();
}

const shape = (page: Page) => page.getByRole('button', { name: messages.editor.shape, exact: true });
const handle = (page: Page, name: string) => page.locator(`[data-handle="${name}"]`);

async function place(page: Page, line: string): Promise<void> {
  await page.getByRole('button', { name: messages.lines.title, exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: line, exact: true }).click();
}

async function drag(page: Page, from: { x: number; y: number }, dx: number, dy: number): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + dx / 2, from.y + dy / 2, { steps: 3 });
  await page.mouse.move(from.x + dx, from.y + dy, { steps: 3 });
  await page.mouse.up();
}

test('an arrow joins the two selected items, and stays with them when they are moved', async ({ page }) => {
  await twoRectangles(page);
  await place(page, 'Arrow');
  await expect(page.getByLabel(messages.lines.from, { exact: true })).not.toHaveValue('');
  await expect(page.getByLabel(messages.lines.to, { exact: true })).not.toHaveValue('');
  const right = await shape(page).last().boundingBox();
  const before = await middleOf(handle(page, 'to'));
  if (!right) throw new Error('the rectangle is not on the screen');
  expect(before.x).toBeCloseTo(right.x, -1);
  await drag(page, { x: right.x + right.width / 2, y: right.y + right.height / 2 }, 0, -90);
  await page.getByRole('button', { name: messages.lines.presets.line, exact: true }).focus();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Shift+Tab');
  const after = await middleOf(handle(page, 'to'));
  expect(after.y).toBeLessThan(before.y - 40);
  await saved(page);
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect.poll(async () => (await middleOf(handle(page, 'to'))).y).toBeCloseTo(before.y, 0);
});

test('a line is drawn out, tied and bent by its handles, led with elbows, and ended as one likes', async ({ page }) => {
  await twoRectangles(page);
  await page.keyboard.press('Escape');
  await place(page, 'Line');
  const free = page.getByLabel(messages.lines.to, { exact: true });
  await expect(free).toHaveValue('');
  const target = await middleOf(shape(page).last());
  const end = await middleOf(handle(page, 'to'));
  await drag(page, end, target.x - end.x, target.y - end.y);
  await expect(free).not.toHaveValue('');
  await drag(page, await middleOf(handle(page, 'middle')), 0, -60);
  const bend = page.getByRole('spinbutton', { name: messages.lines.bend });
  await expect(bend).not.toHaveValue('0');
  await page.getByRole('radio', { name: messages.lines.ways.curve }).click();
  await expect(page.locator('[data-canvas] .gv-line path').nth(1)).toHaveAttribute('d', /Q/);
  await page.getByRole('radio', { name: messages.lines.ways.elbow }).click();
  await page.getByLabel(messages.lines.begins, { exact: true }).selectOption({ label: messages.lines.heads.dot });
  await expect(page.locator('[data-canvas] .gv-line circle')).toHaveCount(1);
  await drag(page, await middleOf(handle(page, 'to')), -140, 140);
  await expect(free).toHaveValue('');
});

test('by finger an end of a line is tied to a shape', async ({ browser }) => {
  const page = await (await tablet(browser)).newPage();
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'By finger');
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).tap();
  await page.getByLabel(messages.editor.fromTop, { exact: true }).fill('60');
  await place(page, 'Line');
  const to = page.getByLabel(messages.lines.to, { exact: true });
  await expect(to).toHaveValue('');
  await dragByTouch(page, handle(page, 'to'), shape(page));
  await expect(to).not.toHaveValue('');
  await page.context().close();
});

test('by keys alone a line is placed, tied to items and untied', async ({ page }) => {
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).press('Enter');
  await page.getByRole('button', { name: messages.lines.title, exact: true }).press('Enter');
  await page.getByRole('dialog').getByRole('button', { name: messages.lines.presets.curve }).press('Enter');
  await page.getByLabel(messages.lines.from, { exact: true }).selectOption({ label: messages.editor.shape });
  await expect(page.getByLabel(messages.lines.from, { exact: true })).not.toHaveValue('');
  await page.getByRole('button', { name: messages.lines.presets.line, exact: true }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel(messages.lines.from, { exact: true })).toHaveValue('');
});

test('a line is pressed where it runs, not anywhere around it', async ({ page }) => {
  await place(page, 'Line');
  await drag(page, await middleOf(handle(page, 'to')), 0, 160);
  await page.keyboard.press('Escape');
  const line = await page.getByRole('button', { name: messages.lines.presets.line, exact: true }).boundingBox();
  if (!line) throw new Error('the line is not on the screen');
  await page.mouse.click(line.x + line.width - 12, line.y + 12);
  await expect(page.getByRole('heading', { name: messages.editor.thisSlide })).toBeVisible();
  await page.mouse.click(line.x + line.width / 2, line.y + line.height / 2);
  await expect(page.getByRole('heading', { name: messages.kinds.line, exact: true })).toBeVisible();
});

test('a sign is found by a word, placed, and coloured; a sticker too; both are in the show', async ({ page }) => {
  await page.getByRole('button', { name: messages.signs.sets.signs, exact: true }).click();
  await page.getByLabel(messages.signs.find).fill('fish');
  await page.getByRole('dialog').getByRole('button', { name: 'fish', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Icon, “fish”' })).toBeVisible();
  await pickColour(page, messages.signs.color, messages.colours.second);
  await expect(page.locator('[data-canvas] .gv-sign path').first()).toHaveAttribute('stroke', 'var(--gv-second)');
  await page.getByRole('button', { name: messages.signs.sets.signs, exact: true }).click();
  await page.getByRole('radio', { name: messages.signs.sets.stickers }).click();
  await page.getByRole('dialog').getByLabel(messages.signs.find).fill('oct');
  await page.getByRole('dialog').getByRole('button', { name: 'octopus' }).click();
  await expect(page.getByRole('button', { name: 'Icon, “octopus”' })).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  await expect(page.getByRole('img', { name: 'fish' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'octopus' })).toBeVisible();
});
