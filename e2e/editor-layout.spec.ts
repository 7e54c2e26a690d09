/** The editor's room: how large the slide is, what folds, and that routes are seen on any picture. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { startOf } from './as-said';
import { item, newDeck, newTeacher, odile, saved, boxOf, tablet } from './people';

const slide = (page: Page) => page.getByRole('group', { name: startOf(messages.editor.canvas) });
const panel = (page: Page) => page.getByRole('complementary', { name: messages.editor.panel });

test('at 1280 × 800 the slide is some 900 wide between rows of cards, and has the whole width when the panel is folded', async ({
  page,
}) => {
  await odile(page);
  await page.goto('/decks/night-walk?slide=fork');
  await expect.poll(async () => (await boxOf(slide(page))).width).toBeGreaterThan(900);
  expect((await boxOf(page.locator('header').first())).height).toBeLessThanOrEqual(50);
  expect((await boxOf(panel(page))).width).toBe(256);
  expect((await boxOf(page.getByRole('region', { name: messages.editor.strip }))).height).toBeLessThanOrEqual(112);
  const before = await boxOf(slide(page));
  const cards = page.getByRole('navigation', { name: messages.editor.leadsTo });
  const card = await boxOf(cards.getByRole('button', { name: 'The splash', exact: true }));
  expect(card.y).toBeGreaterThan(before.y + before.height);
  const carrier = await boxOf(item(page, /^Shape, “Follow the splash”/));
  expect(Math.abs(card.x - carrier.x)).toBeLessThan(120);

  await page.keyboard.press('p');
  await expect(panel(page).getByRole('button')).toHaveCount(1);
  expect((await boxOf(slide(page))).width).toBeGreaterThanOrEqual(before.width);
  await panel(page).getByRole('button', { name: messages.editor.showPanel }).click();
  await expect(page.getByLabel(messages.editor.slideName)).toBeVisible();
});

test('at 1024 × 768 it is not under 480, and every way of seeing the deck has its name on a wide screen', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await odile(page);
  await page.goto('/decks/night-walk?slide=fork');
  await expect.poll(async () => (await boxOf(slide(page))).width).toBeGreaterThan(480);
  await page.setViewportSize({ width: 1280, height: 800 });
  for (const name of Object.values(messages.order.sees))
    await expect(page.getByRole('radio', { name }).getByText(name)).toBeVisible();
});

test('rows of the panel are 32 px high, and 44 where a finger presses', async ({ page, browser }) => {
  const heights = async (on: Page) => {
    const slideName = on.getByLabel(messages.editor.slideName);
    const colour = panel(on).getByRole('button', { name: messages.editor.ground });
    return [await boxOf(slideName), await boxOf(colour)].map(({ height }) => Math.round(height));
  };
  await odile(page);
  await page.goto('/decks/night-walk?slide=fork');
  await expect(page.getByLabel(messages.editor.slideName)).toBeVisible();
  expect(await heights(page)).toEqual([32, 32]);
  const touch = await (await tablet(browser)).newPage();
  await odile(touch);
  await touch.goto('/decks/night-walk?slide=fork');
  await expect(touch.getByLabel(messages.editor.slideName)).toBeVisible();
  expect(await heights(touch)).toEqual([44, 44]);
  await touch.context().close();
});

test('a route is drawn as clay on a light casing, from the words that carry it, and follows what is moved', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Routes');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('Creek');
  await page.getByRole('button', { name: /^1 Opening/ }).click();
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  // Words are marked where they are: once the text is open, with all that was typed in it.
  await expect(page.getByLabel(startOf(messages.editor.textOf))).toBeFocused();
  await page.keyboard.type('Go along the creek');
  await expect(page.getByLabel(startOf(messages.editor.textOf))).toContainText('creek');
  await page.keyboard.press('Control+Shift+ArrowLeft');
  await page.keyboard.press('Control+k');
  await page.getByRole('dialog').getByRole('button', { name: 'Creek', exact: true }).click();
  await page.keyboard.press('Escape');
  await saved(page);
  const words = await boxOf(slide(page).getByText('creek', { exact: true }));
  const dot = page.locator('main svg:not(.gv-backdrop) circle');
  await expect(dot).toHaveCount(1);
  const at = await boxOf(dot);
  const middle = { x: at.x + at.width / 2, y: at.y + at.height / 2 };
  expect(middle.x).toBeGreaterThan(words.x - 8);
  expect(middle.x).toBeLessThan(words.x + words.width + 8);
  expect(Math.abs(middle.y - (words.y + words.height))).toBeLessThan(words.height);

  // Clay and casing differ by 3 : 1 and more, so that one of them is seen on whatever lies under them.
  const drawn = await page.locator('main svg:not(.gv-backdrop) path').evaluateAll((paths) =>
    paths.map((path) => ({
      colour: getComputedStyle(path).stroke,
      width: parseFloat(getComputedStyle(path).strokeWidth),
    })),
  );
  const [casing, line] = [drawn.find(({ width }) => width === 5), drawn.find(({ width }) => width === 2)];
  if (!casing || !line) throw new Error('a line on its casing');
  expect(contrast(casing.colour, line.colour)).toBeGreaterThan(3);

  const text = item(page, /^Text, “Go along/);
  const from = await boxOf(text);
  await page.mouse.move(from.x + 20, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 80, from.y + from.height / 2 + 40, { steps: 5 });
  await expect.poll(async () => Math.round((await boxOf(dot)).x - at.x)).toBeGreaterThan(50);
  await page.mouse.up();
});

test('what needs a choice opens it beside its button and places nothing before', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Choices');
  await expect(page.getByLabel(messages.editor.slideName)).toBeVisible();
  const items = slide(page).locator('[data-item]');
  const before = await items.count();
  for (const name of [messages.editor.shapes, messages.lines.title, messages.kinds.table, messages.signs.sets.signs]) {
    const button = page.getByRole('button', { name, exact: true });
    await button.click();
    const beside = page.getByRole('dialog', { name });
    await expect(beside.getByRole('button').first()).toBeVisible();
    expect((await boxOf(beside)).x).toBeGreaterThanOrEqual((await boxOf(button)).x + (await boxOf(button)).width);
    await page.keyboard.press('Escape');
    await expect(beside).toBeHidden();
  }
  expect(await items.count()).toBe(before);
});

/** The contrast of two colours as browsers say them (rgb), by WCAG 2.2. */
function contrast(one: string, other: string): number {
  const light = (colour: string) => {
    const [r = 0, g = 0, b = 0] = (colour.match(/[\d.]+/g) ?? []).map((part) => {
      const share = Number(part) / 255;
      return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const [low = 0, high = 0] = [light(one), light(other)].sort((a, b) => a - b);
  return (high + 0.05) / (low + 0.05);
}
