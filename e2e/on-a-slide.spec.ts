/** Charts that follow their table, ink, and cards for links to the web. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { startOf } from './as-said';
import { expectClean } from './expect-clean';
import { atSlide, cutNetwork, item, newDeck, newTeacher, saved } from './people';

const canvasOf = (page: Page) => page.getByRole('group', { name: startOf(messages.editor.canvas) });
const panelOf = (page: Page) => page.getByRole('complementary');

test('a chart is placed with a table, follows what is typed there, and says its figures', async ({ page }) => {
  const says = messages.charts;
  await newTeacher(page);
  await newDeck(page, 'Counts');
  // Nothing lies under what is placed.
  for (const role of [messages.roles.title, messages.roles.subtitle]) {
    await item(page, new RegExp(`“${role}”`)).click();
    await page.keyboard.press('Delete');
  }
  await page.getByRole('button', { name: messages.kinds.table, exact: true }).click();
  await page.getByRole('button', { name: says.short.bars, exact: true }).click();
  const { first, second, third } = says.example;
  const chart = canvasOf(page).getByRole('img', { name: new RegExp(`${first} 12`) });
  await expect(chart).toHaveAccessibleName(new RegExp(`${first} 12, ${second} 30, ${third} 4`));
  await expect(chart.locator('.recharts-bar-rectangle')).toHaveCount(3);
  await expectClean(page);
  await page.getByLabel(says.heading).fill('Birds at dusk');
  await expect(chart).toContainText('Birds at dusk');
  for (const form of ['lines', 'parts', 'dots'] as const) {
    await panelOf(page).getByRole('radio', { name: says.forms[form] }).click();
    await expect(chart.locator('svg').first()).toBeVisible();
  }
  // The table is changed, and the chart with it.
  await item(page, new RegExp(`^${messages.kinds.table}`)).dblclick({ position: { x: 20, y: 12 } });
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Kind');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('99');
  await page.keyboard.press('Escape');
  await expect(canvasOf(page).getByRole('img', { name: new RegExp(`${first} 99`) })).toBeVisible();
  await saved(page);
  // Without its table there is nothing to draw, and it says so.
  await item(page, new RegExp(`^${messages.kinds.table}`)).click();
  await page.keyboard.press('Delete');
  await expect(canvasOf(page)).toContainText(messages.onCharts.empty);
  await page.getByRole('button', { name: messages.common.undo }).first().click();
  await expect(canvasOf(page).getByRole('img', { name: new RegExp(`${first} 99`) })).toBeVisible();
});

test('one draws on a slide by mouse and by keys; strokes that belong together are one item, and can be rubbed out', async ({
  page,
}) => {
  const says = messages.ink;
  await newTeacher(page);
  await newDeck(page, 'By hand');
  const begin = async () => {
    await page.getByRole('button', { name: messages.lines.title, exact: true }).click();
    await page.getByRole('button', { name: says.begin }).click();
  };
  await begin();
  const area = page.getByRole('application', { name: says.area });
  const box = await area.boundingBox();
  if (!box) throw new Error('The slide is not in sight.');
  const stroke = async (...places: readonly (readonly [number, number])[]) => {
    const [[startX, startY] = [0, 0]] = places;
    await page.mouse.move(box.x + startX, box.y + startY);
    await page.mouse.down();
    for (const [x, y] of places) await page.mouse.move(box.x + x, box.y + y, { steps: 3 });
    await page.mouse.up();
  };
  await stroke([100, 100], [200, 110]);
  await stroke([150, 60], [150, 160]);
  const bar = page.getByRole('toolbar', { name: says.title });
  await expectClean(page);
  await bar.getByRole('button', { name: says.done }).click();
  const ink = item(page, new RegExp(`^${messages.kinds.ink}`));
  await expect(ink).toHaveCount(1);
  await expect(ink.locator('path')).toHaveCount(2);
  // By keys: to the middle, a stroke to the right.
  await begin();
  await expect(area).toBeFocused();
  await page.keyboard.press('Space');
  for (let step = 0; step < 6; step += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  await page.keyboard.press('Escape');
  await expect(area).toHaveCount(0);
  await expect(ink).toHaveCount(2);
  await saved(page);
  // The eraser takes one of two strokes, then the item with its last one.
  await begin();
  await bar.getByRole('button', { name: says.tools.eraser }).click();
  await stroke([110, 101], [112, 101]);
  await expect(ink.first().locator('path')).toHaveCount(1);
  await stroke([150, 150], [151, 152]);
  await expect(ink).toHaveCount(1);
  // On wish a stroke becomes what it was meant to be.
  await bar.getByRole('button', { name: says.tools.pen }).click();
  await bar.getByRole('button', { name: says.straightens }).click();
  await stroke([300, 200], [450, 204], [449, 280], [301, 282], [300, 202]);
  await page.keyboard.press('Escape');
  await expect(item(page, new RegExp(`^${messages.kinds.shape}`))).toHaveCount(1);
});

test('a pasted address becomes a card with a code; where it leads is changed beside it', async ({ page }) => {
  const says = messages.webCards;
  await newTeacher(page);
  await newDeck(page, 'Links');
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'https://marsh.example/owls');
    window.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
  });
  const card = item(page, new RegExp(`^${messages.kinds['web-card']}`));
  await expect(card).toContainText('marsh.example/owls');
  await expect(card.locator('[data-code="https://marsh.example/owls"]')).toBeVisible();
  const panel = panelOf(page);
  await panel.getByLabel(says.title, { exact: true }).fill('Owls of the marsh');
  await panel.getByLabel(says.address).fill('not an address');
  await expect(panel.getByRole('alert')).toHaveText(says.notAnAddress);
  await panel.getByLabel(says.address).fill('marsh.example/herons');
  await expect(card.locator('[data-code="https://marsh.example/herons"]')).toBeVisible();
  await panel
    .getByRole('checkbox', { name: says.hasCode })
    .or(panel.getByRole('switch', { name: says.hasCode }))
    .click();
  await expect(card.locator('[data-code]')).toHaveCount(0);
  await expect(card).toContainText('Owls of the marsh');
  await expectClean(page);
});

test('a class gets all of it: formulas, a chart, ink and a card on a tablet, also without a network', async ({
  browser,
  page,
}) => {
  const student = await atSlide(browser, page, ['tide-numbers', 1]);
  await expect(student.locator('legend').filter({ hasText: 'So how fast was it?' })).toBeVisible();
  await expect(student.getByRole('radio', { name: '7 m/min', exact: true })).toBeVisible();
  await expect(student.locator('.gv-slide mfrac').first()).toBeAttached();
  await expect(student.getByRole('img', { name: 'The distance and the time, underlined' })).toBeVisible();
  await expectClean(student);
  await student.getByRole('radio', { name: '7 m/min', exact: true }).tap();
  await saved(student);
  // What charts and codes are drawn with was brought before it was needed.
  const brought = () =>
    performance.getEntriesByType('resource').filter(({ name }) => /(chart|code)-drawing/.test(name)).length;
  await expect.poll(() => student.evaluate(brought)).toBeGreaterThanOrEqual(2);
  await cutNetwork(student);
  await student.getByRole('button', { name: messages.walking.next }).tap();
  const chart = student.getByRole('img', { name: /^Birds on the flats, by the hour/ });
  // Eight figures, one of which is nought: that has no bar.
  await expect(chart.locator('.recharts-bar-rectangle')).toHaveCount(7);
  await student.getByRole('button', { name: messages.walking.next }).tap();
  await expect(student.locator('[data-code="https://harbour.example/tides"]')).toBeVisible();
});
