/** The map of a deck: seeing its ways, changing them, and what is counted of them. */
import * as messages from '@gobrel/messages';
import { readFile } from 'node:fs/promises';
import { expect, type Page, test } from '@playwright/test';
import { middleOf, newDeck, newTeacher, odile, saved, tablet } from './people';

const map = (page: Page) => page.getByRole('main', { name: messages.routes.map });
const card = (page: Page, name: string) => map(page).getByRole('button', { name: new RegExp(`^\\d+ ${name}`) });
const way = (page: Page, name: string | RegExp) => map(page).getByRole('group', { name });
const sums = (page: Page) => map(page).getByRole('status');

/** A deck of three slides that are left by links only and do not lead anywhere yet, on the map. */
async function threeSlides(page: Page): Promise<void> {
  await newTeacher(page);
  await newDeck(page, 'Three slides');
  await page.getByLabel(messages.editor.slideName).fill('Gate');
  for (const name of ['Fork', 'Hide']) {
    await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
    await page.getByLabel(messages.editor.slideName).fill(name);
  }
  await page.getByRole('button', { name: /^1 Gate/ }).click();
  await page.getByRole('button', { name: /^3 Hide/ }).click({ modifiers: ['Shift'] });
  await page.getByRole('radio', { name: messages.editor.exitsLinks }).click();
  await page.getByRole('radio', { name: messages.order.sees.map, exact: true }).click();
  await expect(card(page, 'Hide')).toBeVisible();
}

/** Drags from where ways leave a card. */
async function drawFrom(page: Page, name: string, to: { x: number; y: number }): Promise<void> {
  const from = await middleOf(card(page, name).locator('.map-port.source'));
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 4 });
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
}

test('ways are drawn, led elsewhere and taken away on the map, and it says what is wrong', async ({ page }) => {
  await threeSlides(page);
  await expect(sums(page)).toContainText('3 slides · 0 endings');
  await expect(sums(page)).toContainText('3 slides need a look');
  await drawFrom(page, 'Gate', await middleOf(card(page, 'Fork')));
  await expect(way(page, 'From Gate to Fork, via “Fork”')).toBeAttached();
  await expect(card(page, 'Fork')).toHaveAccessibleName('2 Fork, Dead end');
  await expect(card(page, 'Hide')).toHaveAccessibleName('3 Hide, Unreachable');
  await card(page, 'Fork').click();
  await page.getByRole('checkbox', { name: messages.routes.isEnding }).check();
  await expect(sums(page)).toContainText('1 ending · 2–2 slides per route');
  for (const line of ['An ending: 1 route leads here', '2 slides from the start', 'Reached by 100% of random runs'])
    await expect(page.getByText(line, { exact: true })).toBeVisible();
  // The end of the line is dragged on to another slide.
  const end = map(page).locator('.react-flow__edgeupdater-target').first();
  const from = await middleOf(end);
  const to = await middleOf(card(page, 'Hide'));
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(to.x, to.y, { steps: 8 });
  await page.mouse.up();
  await expect(way(page, 'From Gate to Hide, via “Fork”')).toBeAttached();
  await expect(page.getByText(messages.routes.linkLed({ carrier: 'Fork', to: 'Hide' })).first()).toBeVisible();
  await way(page, 'From Gate to Hide, via “Fork”').focus();
  await page.keyboard.press('Delete');
  await expect(way(page, /^From Gate/)).toHaveCount(0);
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(way(page, 'From Gate to Hide, via “Fork”')).toBeAttached();
  await saved(page);
});

test('by keys alone a way is drawn, a card moved, a slide opened, and the map found as it was', async ({ page }) => {
  await threeSlides(page);
  await card(page, 'Gate').focus();
  await page.keyboard.press('w');
  await page.getByRole('dialog').getByRole('button', { name: 'Hide' }).press('Enter');
  await expect(way(page, 'From Gate to Hide, via “Hide”')).toBeAttached();
  await card(page, 'Hide').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel(messages.editor.slideName)).toHaveValue('Hide');
  const before = await card(page, 'Hide').boundingBox();
  await card(page, 'Hide').focus();
  // As whoever moves it does: pressing until it is where it shall be.
  await expect(async () => {
    await page.keyboard.press('ArrowDown');
    expect((await card(page, 'Hide').boundingBox())?.y).toBeGreaterThan((before?.y ?? 0) + 10);
  }).toPass();
  await expect(page.getByRole('button', { name: messages.routes.layOut })).toBeEnabled();
  await page.getByRole('button', { name: messages.routes.zoomIn }).press('Enter');
  // It comes nearer in a movement, which is over when the card is where it was a moment ago.
  let last = '';
  await expect
    .poll(async () => {
      const [before, now] = [last, JSON.stringify(await card(page, 'Hide').boundingBox())];
      last = now;
      return before === now;
    })
    .toBe(true);
  const placed = await card(page, 'Hide').boundingBox();
  await card(page, 'Hide').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: messages.kinds.text, exact: true })).toBeVisible();
  await page.getByRole('radio', { name: messages.order.sees.map, exact: true }).click();
  await expect.poll(async () => (await card(page, 'Hide').boundingBox())?.y).toBeCloseTo(placed?.y ?? 0, 0);
  await page.getByRole('button', { name: messages.routes.layOut }).click();
  await expect(page.getByRole('button', { name: messages.routes.layOut })).toBeDisabled();
});

test('an item is dragged onto the slide it leads to', async ({ page }) => {
  await threeSlides(page);
  await page.getByRole('radio', { name: messages.order.sees.slide }).click();
  await page.getByRole('button', { name: /^1 Gate/ }).click();
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.keyboard.press('Escape');
  await saved(page);
  await page.getByRole('radio', { name: messages.order.sees.map, exact: true }).click();
  await card(page, 'Gate').click();
  const grasp = page.getByRole('button', { name: /^Shape, leads nowhere/ });
  const from = await middleOf(grasp);
  const to = await middleOf(card(page, 'Hide'));
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 4 });
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
  await expect(way(page, /^From Gate to Hide, via “Shape”/)).toBeAttached();
  await expect(page.getByRole('button', { name: /^Shape, leads to Hide/ })).toBeVisible();
});

test('by keys the map is moved and brought nearer', async ({ page }) => {
  await threeSlides(page);
  await map(page).focus();
  const before = await card(page, 'Gate').boundingBox();
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await card(page, 'Gate').boundingBox())?.x).toBeLessThan((before?.x ?? 0) - 50);
  await page.keyboard.press('-');
  await expect
    .poll(async () => (await card(page, 'Gate').boundingBox())?.width)
    .toBeLessThan((before?.width ?? 0) - 10);
  await page.keyboard.press('0');
  await expect.poll(async () => (await card(page, 'Gate').boundingBox())?.x).toBeCloseTo(before?.x ?? 0, -1);
});

test('a way drawn to where no slide is makes one there; several are chosen and removed', async ({ page }) => {
  await threeSlides(page);
  const gate = await middleOf(card(page, 'Gate'));
  await drawFrom(page, 'Gate', { x: gate.x + 300, y: gate.y });
  await expect(way(page, 'From Gate to New slide, via “New slide”')).toBeAttached();
  await page.getByLabel(messages.editor.slideName).fill('The creek');
  await expect(card(page, 'The creek')).toBeVisible();
  await card(page, 'Fork').click();
  await card(page, 'Hide').click({ modifiers: ['Shift'] });
  await expect(page.getByRole('heading', { name: messages.order.severalSlides({ count: 2 }) })).toBeVisible();
  await card(page, 'Hide').focus();
  await page.keyboard.press('Delete');
  await expect(card(page, 'Fork')).toHaveCount(0);
  await expect(card(page, 'Hide')).toHaveCount(0);
  await expect(card(page, 'The creek')).toBeVisible();
});

test('the night walk is seen as a map: found, followed, counted, and saved as a table', async ({ page }) => {
  await odile(page);
  await page.goto('/');
  await page
    .getByRole('link', { name: /Night walk/ })
    .first()
    .click();
  await page.getByRole('radio', { name: messages.order.sees.map, exact: true }).click();
  await expect(sums(page)).toContainText('2 endings');
  await expect(sums(page)).toContainText(messages.routes.sum.troubles({ count: 0 }));
  await page.getByLabel(messages.routes.find).fill('otter');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel(messages.editor.slideName)).toHaveValue('The otter');
  await page.getByRole('combobox', { name: messages.routes.look }).selectOption({ label: messages.routes.looks.route });
  await expect(card(page, 'Dusk at the gate')).toBeAttached();
  await expect(card(page, 'Owl flight')).toHaveCount(0);
  await page
    .getByRole('combobox', { name: messages.routes.look })
    .selectOption({ label: messages.routes.looks.onward });
  await expect(card(page, 'The tide turns')).toBeAttached();
  await expect(card(page, 'Dusk at the gate')).toHaveCount(0);
  await page.getByRole('combobox', { name: messages.routes.look }).selectOption({ label: messages.routes.looks.all });
  await page.getByRole('button', { name: messages.routes.fit }).click();
  await page.getByRole('button', { name: new RegExp(`^${messages.routes.heat}`) }).click();
  await expect(card(page, 'Dusk at the gate')).toHaveAccessibleName(/reached by 100%/);
  await page.getByRole('radio', { name: messages.routes.asTable }).click();
  const table = page.getByRole('table', { name: messages.routes.table });
  await table.getByRole('button', { name: messages.routes.sortBy({ column: messages.routes.columns.seen }) }).click();
  await table.getByRole('button', { name: messages.routes.sortBy({ column: messages.routes.columns.seen }) }).click();
  await expect(table.getByRole('row').nth(1)).toContainText('100%');
  await expect(table.getByRole('row', { name: /^12 Ending: wet feet/ })).toContainText('4');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: messages.routes.download }).click();
  const file = await (await download).path();
  const csv = await readFile(file, 'utf8');
  expect(csv.split('\r\n')).toHaveLength(14);
  expect(csv).toContain('"Follow the splash → The splash; Climb to the hide → The hide"'.replaceAll('"', ''));
});

test('a finger takes the map along, two bring it closer', async ({ browser }) => {
  const context = await tablet(browser);
  const page = await context.newPage();
  await threeSlides(page);
  const touches = await context.newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', ...points: readonly (readonly [number, number])[]) =>
    touches.send('Input.dispatchTouchEvent', { type, touchPoints: points.map(([x, y], id) => ({ x, y, id })) });
  const boxOf = async () => {
    const box = await card(page, 'Fork').boundingBox();
    if (!box) throw new Error('the card is not on the screen');
    return box;
  };
  const before = await boxOf();
  // Below the card there is nothing but the ground of the map.
  const [x, y] = [before.x, before.y + before.height + 60];
  await touch('touchStart', [x, y]);
  for (const way of [10, 25, 40, 55]) await touch('touchMove', [x + 2 * way, y + way]);
  await touch('touchEnd');
  // A finger trembles: the way it goes before it is taken as a move is not counted.
  await expect.poll(async () => (await boxOf()).x - before.x).toBeGreaterThan(80);
  expect((await boxOf()).y - before.y).toBeGreaterThan(40);
  await touch('touchStart', [x - 40, y], [x + 40, y]);
  for (const apart of [50, 60, 70, 80]) await touch('touchMove', [x - apart, y], [x + apart, y]);
  await touch('touchEnd');
  await expect.poll(async () => (await boxOf()).width / before.width).toBeGreaterThan(1.6);
  await context.close();
});

test('the map is there again after the table was looked at, and the table after the map', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk?see=map');
  await expect(sums(page)).toContainText('2 endings');
  const shown = page.getByLabel(messages.routes.shownAs);
  for (let time = 0; time < 2; time += 1) {
    await shown.getByRole('radio', { name: messages.routes.asTable }).click();
    await expect(page.getByRole('table')).toBeVisible();
    await shown.getByRole('radio', { name: messages.order.sees.map }).click();
    await expect(map(page).locator('.react-flow__node').first()).toBeVisible();
  }
});

test('when the map opens nothing on it is written smaller than 12 px, and words that are pointed at are whole', async ({
  page,
}) => {
  await odile(page);
  await page.goto('/');
  await page
    .getByRole('link', { name: /Night walk/ })
    .first()
    .click();
  await page.getByRole('radio', { name: messages.order.sees.map, exact: true }).click();
  await expect(card(page, 'Dusk at the gate')).toBeVisible();
  await expect(card(page, 'Ending: wet feet')).toBeVisible();
  /** The sizes of what is written on cards, ways and sections, as they are seen. */
  const sizes = await map(page)
    .locator('.map-words, .map-name, .map-title')
    .evaluateAll((written) =>
      written.map((each) => {
        const zoom = each.getBoundingClientRect().height / (each as HTMLElement).offsetHeight;
        return parseFloat(getComputedStyle(each).fontSize) * zoom;
      }),
    );
  expect(sizes.length).toBeGreaterThan(30);
  expect(Math.min(...sizes)).toBeGreaterThanOrEqual(11.95);
  const words = map(page).locator('.map-words').filter({ hasText: 'Along the high bank' });
  const isCut = () =>
    words.evaluate(
      (each) => (each.lastElementChild?.scrollHeight ?? 0) > (each.lastElementChild?.clientHeight ?? 0) + 1,
    );
  expect(await isCut()).toBe(true);
  await words.hover();
  await expect.poll(isCut).toBe(false);
  await page.mouse.move(5, 5);
  await expect.poll(isCut).toBe(true);
  // By keys it is the line that is come to.
  await way(page, /via “Along the high bank”/).focus();
  await expect.poll(isCut).toBe(false);
  const name = card(page, 'The boardwalk splits').locator('.map-name-words');
  const isNameCut = () => name.evaluate((each) => each.scrollHeight > each.clientHeight + 1);
  expect(await isNameCut()).toBe(true);
  await card(page, 'The boardwalk splits').hover();
  await expect.poll(isNameCut).toBe(false);
});
