/** With colours that the system sets: what is chosen, how far something is and how much there is can still be seen. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, test } from '@playwright/test';
import { lessonOf, student } from './handed-out';
import { newDeck, newTeacher, odile } from './people';

test.use({ contextOptions: { forcedColors: 'active' } });

/** The ground something is drawn on, and the colour of its lower edge, as they are seen. */
const looks = (element: Locator) =>
  element.evaluate((each) => {
    const { backgroundColor, borderBottomColor, outlineStyle } = getComputedStyle(each);
    return { ground: backgroundColor, edge: borderBottomColor, outline: outlineStyle };
  });

test('the view that is open, the pace, the open tab and bars are seen apart from the others', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk?slide=fork');
  const view = (name: string) => page.getByRole('radio', { name, exact: true });
  await expect(view(messages.order.sees.slide)).toBeVisible();
  expect((await looks(view(messages.order.sees.slide))).ground).not.toBe(
    (await looks(view(messages.order.sees.grid))).ground,
  );
  await page.goto('/lessons/shore-lesson');
  const pace = (name: string) => page.getByRole('radio', { name, exact: true });
  await expect(pace(messages.leading.together)).toBeVisible();
  expect((await looks(pace(messages.leading.together))).ground).not.toBe(
    (await looks(pace(messages.leading.ownPace))).ground,
  );
  const tab = (name: string) => page.getByRole('tab', { name });
  expect((await looks(tab(messages.board.byStudent))).edge).not.toBe((await looks(tab(messages.board.answers))).edge);
  await tab(messages.board.answers).click();
  const bar = page.locator('.says-by-length').first();
  await expect(bar).toBeVisible();
  const around = await looks(bar.locator('..'));
  expect((await looks(bar)).ground).not.toBe(around.ground);
});

test('a colour that is chosen from is its own, and what was chosen is marked', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'In colours of the system');
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.getByRole('button', { name: new RegExp(`^${messages.editor.fill}: `) }).click();
  const swatches = page.getByRole('dialog', { name: messages.editor.fill }).getByRole('radio');
  await expect(swatches.first()).toBeVisible();
  const grounds = new Set(
    await swatches.evaluateAll((all) => all.map((each) => getComputedStyle(each).backgroundColor)),
  );
  expect(grounds.size).toBeGreaterThan(5);
});

test('a student sees what they picked', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const work = await student(browser, lesson, 'Hollis Burn', { forcedColors: 'active' });
  await work.getByRole('button', { name: messages.walking.next, exact: true }).click();
  const [picked, other] = [work.getByRole('radio').nth(0), work.getByRole('radio').nth(1)];
  await picked.check({ force: true });
  await expect(picked).toBeChecked();
  // The browser draws it, in colours of the system: the picked one is not drawn as the other.
  expect((await picked.screenshot()).equals(await other.screenshot())).toBe(false);
});
