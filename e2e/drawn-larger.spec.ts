/** Pages drawn at twice their size, as by a browser's zoom: the work is in sight without scrolling, and panels fold. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { startOf } from './as-said';
import { boxOf, odile } from './people';

/** 1280 × 800 at 200 %. */
test.use({ viewport: { width: 640, height: 400 } });

/** Whether an element lies wholly on the screen. */
async function isOnScreen(element: Locator): Promise<boolean> {
  const { x, y, width, height } = await boxOf(element);
  return x >= -1 && y >= -1 && x + width <= 641 && y + height <= 401;
}

/** Nothing makes the page wider than the screen. */
const isWide = (page: Page) => page.evaluate(() => document.documentElement.scrollWidth > innerWidth + 1);

test('the editor folds its panel, and the slide, the grid, the outline, the map and the plan are in sight', async ({
  page,
}) => {
  await odile(page);
  await page.goto('/decks/night-walk?slide=fork');
  const panel = page.getByRole('complementary', { name: messages.editor.panel });
  await expect(panel.getByRole('button')).toHaveCount(1);
  const slide = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  await expect.poll(async () => (await boxOf(slide)).width).toBeGreaterThan(200);
  expect(await isOnScreen(slide)).toBe(true);
  expect(await isOnScreen(page.getByRole('button', { name: messages.handOut.action, exact: true }))).toBe(true);
  // The panel comes when it is asked for, and goes again.
  await panel.getByRole('button', { name: messages.editor.showPanel }).click();
  await expect(page.getByLabel(messages.editor.slideName)).toBeVisible();
  await panel.getByRole('button', { name: messages.editor.hidePanel }).click();
  const see = (what: keyof typeof messages.order.sees) =>
    page.getByRole('radio', { name: messages.order.sees[what], exact: true }).click();
  await see('outline');
  expect(await isOnScreen(page.getByRole('textbox', { name: messages.order.titleOf({ place: 2 }), exact: true }))).toBe(
    true,
  );
  await see('map');
  const map = page.getByRole('main', { name: messages.routes.map });
  await expect.poll(() => isOnScreen(map.getByRole('button', { name: /^2 / }))).toBe(true);
  await see('plan');
  await expect(page.getByRole('textbox', { name: messages.plan.title })).toBeInViewport({ ratio: 0.01 });
  expect(await isWide(page)).toBe(false);
});

test('lists, the board and the show are in sight', async ({ page }) => {
  await odile(page);
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Night walk/ }).first()).toBeVisible();
  expect(await isWide(page)).toBe(false);
  await page.goto('/lessons/shore-lesson');
  const rows = page.getByRole('row', { name: /Amaro Finch|Bexley Tarn/ });
  await expect(rows.first()).toBeVisible();
  const inSight = await page
    .getByRole('row')
    .evaluateAll((all) => all.filter((row) => row.getBoundingClientRect().bottom <= innerHeight).length);
  // The head, and some students.
  expect(inSight).toBeGreaterThanOrEqual(3);
  expect(await isWide(page)).toBe(false);
  await page.goto('/decks/night-walk/show/fork');
  expect(await isOnScreen(page.getByRole('main').getByRole('group').first())).toBe(true);
});
