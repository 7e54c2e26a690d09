/** Putting items in line, into groups and onto the clipboard; zooming and panning. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { dragBy, item, middleOf, newDeck, newTeacher, pickColour, saved, tablet, withGroupsOpen } from './people';
import { startOf } from './as-said';

const field = (page: Page, name: string) => page.getByRole('spinbutton', { name, exact: true });
const shapes = (page: Page) => item(page, /^Shape/);

/** Two rectangles on an otherwise empty slide, at (100, 400) and (700, 500); nothing is selected. */
async function twoShapes(page: Page): Promise<void> {
  await page.getByRole('group', { name: startOf(messages.editor.canvas) }).click({ position: { x: 5, y: 5 } });
  await page.keyboard.press('Control+a');
  await page.keyboard.press('Delete');
  for (const [left, top] of [
    ['100', '400'],
    ['700', '500'],
  ] as const) {
    await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
    await field(page, messages.editor.fromLeft).fill(left);
    await field(page, messages.editor.fromTop).fill(top);
    await page.keyboard.press('Tab');
    await page.getByRole('heading', { name: messages.kinds.shape, exact: true, level: 2 }).click();
  }
  await page.getByRole('group', { name: startOf(messages.editor.canvas) }).click({ position: { x: 5, y: 5 } });
}

test.beforeEach(async ({ page }) => {
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'Saltmarsh');
  await twoShapes(page);
});

test('a dragged item snaps into line with another, freely with Ctrl', async ({ page }) => {
  const second = shapes(page).last();
  await second.click();
  const scale = (await second.boundingBox().then((box) => box?.width ?? 0)) / 240;
  await dragBy(page, second, 0, -97 * scale);
  await expect(field(page, messages.editor.fromTop)).toHaveValue('400');
  await page.keyboard.press('Control+z');
  await page.keyboard.down('Control');
  await dragBy(page, second, 0, -97 * scale);
  await page.keyboard.up('Control');
  await expect(field(page, messages.editor.fromTop)).not.toHaveValue('400');
});

test('a drag is broken off by Escape; other keys leave alone what is on its way', async ({ page }) => {
  const second = shapes(page).last();
  await second.click();
  const from = await middleOf(second);
  await dragBy(page, second, 60, -80, ['Escape']);
  const back = await middleOf(second);
  expect(back.x).toBeCloseTo(from.x, 0);
  expect(back.y).toBeCloseTo(from.y, 0);
  await dragBy(page, page.locator('[data-handle="1,1"]'), 30, 30, ['Escape']);
  await expect(field(page, messages.editor.wide)).toHaveValue('240');
  await dragBy(page, second, 60, -80, ['Delete', 'ArrowLeft', 'Control+z']);
  await expect(shapes(page)).toHaveCount(2);
  expect((await middleOf(second)).y).toBeLessThan(from.y - 40);
  // The keys are the editor's again.
  await page.keyboard.press('Delete');
  await expect(shapes(page)).toHaveCount(1);
});

test('items are aligned, grouped, entered, moved as one, and ungrouped', async ({ page }) => {
  await page.keyboard.press('Control+a');
  await page.getByRole('button', { name: messages.editor.alignments.top }).click();
  await page.keyboard.press('g');
  await page.keyboard.press('Escape');
  await shapes(page).first().click();
  await expect(page.getByRole('heading', { name: messages.editor.several({ count: 2 }) })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(field(page, messages.editor.fromTop)).toHaveValue('408');
  await expect(field(page, messages.editor.fromLeft)).toHaveValue('100');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: messages.editor.several({ count: 2 }) })).toBeVisible();
  await page.getByRole('button', { name: messages.editor.ungroup }).click();
  await page.keyboard.press('Escape');
  await shapes(page).last().click();
  await expect(field(page, messages.editor.fromLeft)).toHaveValue('700');
  await expect(field(page, messages.editor.fromTop)).toHaveValue('408');
});

test('several items are resized and turned as one', async ({ page }) => {
  await page.keyboard.press('Control+a');
  const before = await middleOf(shapes(page).last());
  await dragBy(page, page.locator('[data-handle="1,0"]'), 60, 0);
  expect((await middleOf(shapes(page).last())).x).toBeGreaterThan(before.x + 20);
  await dragBy(page, page.locator('[data-handle="turn"]'), 300, 150);
  await page.keyboard.press('Escape');
  await shapes(page).first().click();
  expect(Number(await field(page, messages.editor.turned).inputValue())).toBeGreaterThan(20);
});

test('what is locked stays; what is out of sight is in the list and not in the show', async ({ page }) => {
  await shapes(page).first().click();
  await page.keyboard.press('Alt+l');
  const before = await middleOf(item(page, 'Shape, locked'));
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Delete');
  expect(await middleOf(item(page, 'Shape, locked'))).toEqual(before);
  await page.getByRole('tab', { name: messages.editor.allItems }).click();
  await page
    .getByLabel(messages.editor.nameOfItem({ label: 'Shape' }))
    .first()
    .fill('Moon');
  await page.getByRole('button', { name: messages.editor.hide({ label: 'Moon' }) }).click();
  await expect(shapes(page)).toHaveCount(1);
  await page.getByRole('button', { name: messages.editor.show({ label: 'Moon' }) }).click();
  await expect(item(page, 'Shape, “Moon”')).toBeVisible();
  await page.getByRole('button', { name: messages.editor.backward({ label: 'Moon' }) }).click();
  await expect(shapes(page).first()).toHaveAccessibleName('Shape, “Moon”');
});

test('items are copied between decks, duplicated by dragging, and give their look away', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await shapes(page).first().click();
  await pickColour(page, messages.editor.fill, messages.asking.colours['#9b2242']);
  await shapes(page).first().click();
  await page.keyboard.press('Alt+q');
  await shapes(page).last().click();
  await page.keyboard.press('Alt+w');
  for (const shape of await page.locator('[data-canvas] .gv-outline path').all())
    await expect(shape).toHaveAttribute('fill', '#9b2242');
  await page.keyboard.down('Alt');
  await dragBy(page, shapes(page).last(), 0, -120);
  await page.keyboard.up('Alt');
  await expect(shapes(page)).toHaveCount(3);
  await page.keyboard.press('Control+a');
  await page.keyboard.press('Control+c');
  await page.keyboard.press('Control+x');
  await expect(shapes(page)).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await saved(page);
  await page.getByRole('link', { name: messages.frame.home }).click();
  await newDeck(page, 'Another deck');
  await page.keyboard.press('Escape');
  await item(page, 'Text, “Title”').click();
  await page.keyboard.press('Control+v');
  await expect(shapes(page)).toHaveCount(3);
  await expect(page.getByRole('heading', { name: messages.editor.several({ count: 3 }) })).toBeVisible();
});

test('words copied elsewhere become a text, whose spelling the browser looks at', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.evaluate(() => navigator.clipboard.writeText('The tide turns at six'));
  await page.keyboard.press('Control+v');
  const pasted = item(page, 'Text, “The tide turns at six”');
  await expect(pasted).toBeVisible();
  await pasted.dblclick();
  await expect(page.getByLabel(startOf(messages.editor.textOf))).toHaveAttribute('spellcheck', 'true');
});

test('the sheet of keys is opened and closed by keys, and everything stays selected', async ({ page }) => {
  await shapes(page).first().click();
  await page.keyboard.press('F1');
  const sheet = page.getByRole('dialog', { name: messages.keys.title });
  await expect(sheet.getByText(messages.keys.sheet[6].keys, { exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await expect(page.getByRole('group', { name: messages.editor.actions })).toBeVisible();
});

test('the slide is zoomed by keys, wheel and buttons, panned, and fits again', async ({ page }) => {
  const slide = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  const width = async () => (await slide.boundingBox())?.width ?? 0;
  const fitting = await width();
  await shapes(page).first().click();
  await page.keyboard.press('Alt+9');
  await expect.poll(width).toBeGreaterThan(fitting * 2);
  const before = await middleOf(shapes(page).first());
  await page.mouse.move(before.x, before.y);
  await page.mouse.wheel(0, 60);
  await expect.poll(async () => (await middleOf(shapes(page).first())).y).toBeLessThan(before.y - 30);
  await page.keyboard.down('Control');
  await page.mouse.wheel(0, 900);
  await page.keyboard.up('Control');
  await expect.poll(width).toBeLessThan(fitting * 2);
  await page.getByRole('button', { name: new RegExp(`^${messages.editor.zoomFit}`) }).click();
  await expect.poll(width).toBeCloseTo(fitting, 0);
  await page.getByRole('button', { name: messages.editor.zoomIn }).click();
  await page.keyboard.press('Alt+-');
  await page.keyboard.press('Alt+0');
  await expect.poll(width).toBeCloseTo(fitting, 0);
});

test('two fingers bring the slide closer and take it along', async ({ browser }) => {
  const context = await tablet(browser);
  const page = await context.newPage();
  await newTeacher(page);
  await newDeck(page, 'Pinched');
  const slide = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  const before = await slide.boundingBox();
  if (!before) throw new Error('no slide');
  const fingers = await context.newCDPSession(page);
  const middle = { x: before.x + before.width / 2, y: before.y + before.height / 2 };
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', apart: number, dx = 0) =>
    fingers.send('Input.dispatchTouchEvent', {
      type,
      touchPoints:
        type === 'touchEnd'
          ? []
          : [
              { x: middle.x - apart + dx, y: middle.y, id: 1 },
              { x: middle.x + apart + dx, y: middle.y, id: 2 },
            ],
    });
  await touch('touchStart', 40);
  for (const apart of [50, 60, 70, 80]) await touch('touchMove', apart);
  await touch('touchMove', 80, 60);
  await touch('touchEnd', 80);
  const after = await slide.boundingBox();
  expect((after?.width ?? 0) / before.width).toBeCloseTo(2, 0);
  expect((after?.x ?? 0) + (after?.width ?? 0) / 2).toBeGreaterThan(middle.x + 20);
  await context.close();
});

test('two presses beside everything begin a text there', async ({ page }) => {
  await page.getByRole('group', { name: startOf(messages.editor.canvas) }).dblclick({ position: { x: 300, y: 60 } });
  await page.keyboard.type('Straight away');
  await page.keyboard.press('Escape');
  await expect(item(page, 'Text, “Straight away”')).toBeVisible();
});
