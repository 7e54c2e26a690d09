/** Viewpoints: drawn, made of what is there, ordered, travelled to; and slides large enough for them. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import {
  classScreen,
  handOut,
  item,
  join,
  middleOf,
  newClass,
  newDeck,
  newTeacher,
  saved,
  sortByKeys,
  withGroupsOpen,
} from './people';
import { startOf } from './as-said';

const canvas = (page: Page) => page.getByRole('group', { name: startOf(messages.editor.canvas) });
const strip = (page: Page) => page.getByRole('region', { name: messages.editor.viewpointsInOrder });

/** Plays the deck from the slide that is worked on, and waits for it. */
async function play(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  await page.waitForURL(/\/show\//);
  await expect(page.getByRole('group', { name, exact: true })).toBeVisible();
}

/** How wide an item is on the show's screen, once the camera has come to rest. */
async function widthOf(page: Page, words: string): Promise<number> {
  const box = await page.getByRole('main').getByText(words).boundingBox();
  return box?.width ?? 0;
}

test('a region is drawn or made of an item, put in order, and the show travels through them', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'Far and near');
  await page.getByLabel(messages.editor.slideName).fill('The creek');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('An otter');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.viewpointFrom }).click();
  await expect(item(page, 'Viewpoint, “An otter”')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('v');
  const ground = await canvas(page).boundingBox();
  if (!ground) throw new Error('the slide is on the screen');
  await page.mouse.move(ground.x + 20, ground.y + 20);
  await page.mouse.down();
  await page.mouse.move(ground.x + 220, ground.y + 140, { steps: 5 });
  await page.mouse.up();
  await page.getByLabel(messages.editor.shownName, { exact: true }).fill('The corner');
  const tiles = strip(page).getByRole('listitem').getByRole('button', { name: /^\d/ });
  const ordered = async (...names: string[]) => {
    await expect(tiles).toHaveCount(names.length);
    for (const [place, name] of names.entries()) await expect(tiles.nth(place)).toHaveAccessibleName(name);
  };
  await ordered('1 An otter', '2 The corner');
  await strip(page)
    .getByRole('button', { name: messages.editor.viewpointEarlier({ name: 'The corner' }) })
    .click();
  await ordered('1 The corner', '2 An otter');
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await ordered('1 An otter', '2 The corner');
  await tiles.first().focus();
  await sortByKeys(page, ['ArrowRight']);
  await ordered('1 The corner', '2 An otter');
  await saved(page);

  await play(page, 'The creek');
  const whole = await widthOf(page, 'An otter');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => widthOf(page, 'An otter')).toBeGreaterThan(whole * 2);
  const near = await widthOf(page, 'An otter');
  // The whole slide on demand, and back to where we looked.
  await page.keyboard.press('o');
  await expect.poll(() => widthOf(page, 'An otter')).toBeCloseTo(whole, -1);
  await page.keyboard.press('o');
  await expect.poll(() => widthOf(page, 'An otter')).toBeCloseTo(near, -1);
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => widthOf(page, 'An otter')).toBeCloseTo(whole, -1);
});

test('a viewpoint over the whole slide lets everything in it be pressed, and is grasped by its edge', async ({
  page,
}) => {
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'All of it');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('An otter');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.keyboard.press('v');
  const ground = await canvas(page).boundingBox();
  if (!ground) throw new Error('the slide is on the screen');
  await page.mouse.move(ground.x + 2, ground.y + 2);
  await page.mouse.down();
  await page.mouse.move(ground.x + ground.width - 2, ground.y + ground.height - 2, { steps: 5 });
  await page.mouse.up();
  const viewpoint = item(page, /^Viewpoint/);
  await expect(viewpoint).toHaveAttribute('aria-pressed', 'true');
  const otter = item(page, 'Text, “An otter”');
  const middle = await middleOf(otter);
  await page.mouse.click(middle.x, middle.y);
  await expect(otter).toHaveAttribute('aria-pressed', 'true');
  await expect(viewpoint).toHaveAttribute('aria-pressed', 'false');
  // The strip of viewpoints has made the slide smaller.
  const edge = await viewpoint.boundingBox();
  if (!edge) throw new Error('the viewpoint is on the screen');
  await page.mouse.click(edge.x + 2, edge.y + edge.height * 0.7);
  await expect(viewpoint).toHaveAttribute('aria-pressed', 'true');
  // Enter places one in the middle, wherever the focus is by then.
  await page.getByRole('button', { name: messages.kinds.viewpoint, exact: true }).click();
  await page.keyboard.press('Enter');
  await expect(viewpoint).toHaveCount(2);
  await saved(page);
});

test('a link leads to a viewpoint that next passes by; the camera can be turned round on its way', async ({ page }) => {
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'Aside');
  await page.getByLabel(messages.editor.slideName).fill('The hide');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.kinds.viewpoint, exact: true }).click();
  await page
    .locator('main')
    .first()
    .click({ position: { x: 2, y: 2 } });
  await page.getByLabel(messages.editor.shownName, { exact: true }).fill('The cellar');
  await page.getByRole('radio', { name: messages.editor.viewpointOrders.no }).click();
  await expect(strip(page)).toHaveCount(0);
  await page.getByLabel(messages.editor.wide).fill('200');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.keyboard.press('Control+k');
  await page.getByRole('dialog').getByRole('button', { name: 'The cellar on The hide' }).click();
  await saved(page);
  await play(page, 'The hide');
  const link = page.getByRole('main').getByRole('link', { name: messages.onSlides.hotspot });
  const before = (await link.boundingBox())?.width ?? 0;
  await link.press('Enter');
  await page.keyboard.press('ArrowLeft');
  await expect.poll(async () => (await link.boundingBox())?.width ?? 0).toBeCloseTo(before, 0);
  await link.press('Enter');
  await expect.poll(async () => (await link.boundingBox())?.width ?? 0).toBeGreaterThan(before * 2);
});

test('the class screen goes where the student who shows goes: to viewpoints, and through what appears', async ({
  page,
  browser,
}) => {
  await withGroupsOpen(page);
  await newTeacher(page);
  await newClass(page, '5 Curlew', ['Ada Byng']);
  await newDeck(page, 'Near and far');
  await page.getByLabel(messages.editor.slideName).fill('The creek');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('An otter');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.viewpointFrom }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('swims');
  await page.keyboard.press('Escape');
  await page.getByLabel(messages.editor.appears).selectOption({ label: messages.editor.appearsWith({ step: 1 }) });
  await saved(page);
  const code = await handOut(page);
  await page.getByRole('dialog').getByRole('link', { name: messages.handOut.toLesson }).click();
  const student = await (await browser.newContext({ reducedMotion: 'reduce' })).newPage();
  await join(student, code, 'Ada Byng', '1234');
  await page.getByRole('button', { name: messages.board.toTurnList({ name: 'Ada Byng' }) }).click();
  const screen = await classScreen(page);
  await screen.emulateMedia({ reducedMotion: 'reduce' });
  await page.getByRole('button', { name: messages.board.startTurn({ name: 'Ada Byng' }) }).click();
  await expect(screen.getByRole('main').getByText('An otter')).toBeVisible();
  await expect(screen.getByText('swims')).toHaveCount(0);
  const whole = await widthOf(screen, 'An otter');
  await student.getByRole('button', { name: messages.walking.next }).click();
  await expect(screen.getByText('swims')).toBeVisible();
  await student.getByRole('button', { name: messages.walking.next }).click();
  await expect.poll(() => widthOf(screen, 'An otter')).toBeGreaterThan(whole * 2);
  await student.context().close();
});

test('a deck gets a size of its own, and a viewpoint on a slide of 9,000 units is travelled to', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'Very large');
  await page.getByRole('button', { name: messages.editor.slideSize }).click();
  const dialog = page.getByRole('dialog', { name: messages.editor.slideSize });
  await dialog.getByRole('radio', { name: messages.editor.refittings.keep }).click();
  await dialog.getByLabel(messages.editor.wide).fill('9000');
  await dialog.getByLabel(messages.editor.high).fill('12000');
  await dialog.getByRole('button', { name: messages.editor.useSize }).click();
  await expect(page.getByRole('button', { name: messages.editor.slideSize })).toHaveText(
    messages.editor.sizeOf({ width: 9000, height: 10000 }),
  );
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('Here');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.viewpointFrom }).click();
  await saved(page);
  await play(page, 'Opening');
  await page.keyboard.press('ArrowRight');
  await expect
    .poll(async () => (await page.getByRole('main').getByText('Here').boundingBox())?.height ?? 0)
    .toBeGreaterThan(20);
  const { x, y } = await middleOf(page.getByRole('main').getByText('Here'));
  expect(x).toBeGreaterThan(0);
  expect(y).toBeLessThan(800);
});
