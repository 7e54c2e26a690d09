/** Making slides in the editor, by mouse and keys, alone and together. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import {
  addQuestion,
  dragBy,
  dragByTouch,
  item,
  middleOf,
  newDeck,
  newTeacher,
  pickColour,
  saved,
  sortByKeys,
  withGroupsOpen,
} from './people';
import { asSaid, startOf } from './as-said';

const left = (page: Page) => page.getByRole('spinbutton', { name: messages.editor.fromLeft, exact: true });
const undo = (page: Page) => page.getByLabel(messages.common.undo, { exact: true });

test.beforeEach(async ({ page }) => {
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'Saltmarsh');
});

test('items are moved, resized and turned by mouse and by keys, and every step can be undone', async ({ page }) => {
  await page.getByRole('button', { name: messages.editor.rectangle }).click();
  await expect(left(page)).toHaveValue('520');
  const shape = item(page, /^Shape/);
  await dragBy(page, shape, 100, 40);
  await expect(left(page)).not.toHaveValue('520');
  await undo(page).click();
  await expect(left(page)).toHaveValue('520');
  await shape.focus();
  await page.keyboard.press('ArrowRight');
  await expect(left(page)).toHaveValue('528');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(left(page)).toHaveValue('529');
  await page.keyboard.press('Alt+ArrowRight');
  await expect(page.getByRole('spinbutton', { name: messages.editor.wide })).toHaveValue('248');
  await page.keyboard.press('Alt+.');
  await expect(page.getByRole('spinbutton', { name: messages.editor.turned })).toHaveValue('15');
  for (let count = 0; count < 4; count += 1) await page.keyboard.press('Control+z');
  await expect(left(page)).toHaveValue('520');
  await page.keyboard.press('Control+y');
  await expect(left(page)).toHaveValue('528');
  const wide = page.getByRole('spinbutton', { name: messages.editor.wide });
  await dragBy(page, page.locator('[data-handle="1,1"]'), 60, 30);
  expect(Number(await wide.inputValue())).toBeGreaterThan(300);
  await dragBy(page, page.locator('[data-handle="turn"]'), 200, 100);
  expect(Number(await page.getByRole('spinbutton', { name: messages.editor.turned }).inputValue())).toBeGreaterThan(30);
  await saved(page);
});

test('what is typed before the text editor is there waits for it, and acts on no item', async ({ page }) => {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).evaluate((button: HTMLElement) => {
    button.click();
    // All in one breath, so that the page has had no time to draw anything.
    for (const key of ['L', 'o', 'w', 'x', 'Backspace', ' ', 'b', '.', 'Enter', 'n'])
      button.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
  });
  await expect(page.getByLabel(startOf(messages.editor.textOf))).toBeFocused();
  await page.keyboard.type('eap');
  await expect(page.getByLabel(startOf(messages.editor.textOf)).getByText('Low b.', { exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(item(page, /^Text, “Low b\./)).toContainText('neap');
});

test('nothing moves what is in the backdrop until it is taken out again', async ({ page }) => {
  await page.getByRole('button', { name: messages.editor.rectangle }).click();
  await page.getByRole('radio', { name: messages.editor.backdrop }).click();
  const inBackdrop = item(page, 'Shape, in the backdrop');
  const before = await middleOf(inBackdrop);
  await dragBy(page, inBackdrop, 120, 60);
  await inBackdrop.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Delete');
  expect(await middleOf(inBackdrop)).toEqual(before);
  await inBackdrop.click();
  await page.getByRole('radio', { name: messages.editor.fixed }).click();
  await item(page, 'Shape').focus();
  await page.keyboard.press('ArrowRight');
  await expect(left(page)).toHaveValue('528');
});

test('several items are selected by a marquee and with Shift, and moved as one', async ({ page }) => {
  for (const [kind, x] of [
    ['Rectangle', '100'],
    ['Ellipse', '500'],
  ] as const) {
    if (kind === 'Ellipse') await page.getByRole('button', { name: messages.editor.shapes, exact: true }).click();
    await page.getByRole('button', { name: kind, exact: true }).click();
    await left(page).fill(x);
  }
  const [first, second] = [item(page, /^Shape/).first(), item(page, /^Shape/).last()];
  const canvas = await page.getByRole('group', { name: startOf(messages.editor.canvas) }).boundingBox();
  if (!canvas) throw new Error('no canvas');
  await page.mouse.move(canvas.x + 4, canvas.y + canvas.height - 4);
  await page.mouse.down();
  await page.mouse.move(canvas.x + canvas.width * 0.7, canvas.y + canvas.height * 0.45, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('heading', { name: messages.editor.several({ count: 4 }) })).toBeVisible();
  const before = [await middleOf(first), await middleOf(second)];
  await dragBy(page, first, 0, 60);
  const after = [await middleOf(first), await middleOf(second)];
  for (const [index, point] of after.entries()) expect(point.y - (before[index]?.y ?? 0)).toBeCloseTo(60, -1);
  await first.click();
  // What is pressed takes the focus from the field one was in.
  await page.getByRole('spinbutton', { name: messages.editor.wide }).focus();
  await second.click({ modifiers: ['Shift'] });
  await expect(second).toBeFocused();
  await expect(page.getByRole('heading', { name: messages.editor.several({ count: 2 }) })).toBeVisible();
  await page.keyboard.press('Delete');
  await expect(item(page, /^Shape/)).toHaveCount(0);
});

test('words are set bold, in a list, and linked to a slide; the routes show it on both slides', async ({ page }) => {
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('The creek');
  await page.getByRole('button', { name: /^1 Opening/ }).click();
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('Go to the creek');
  for (let count = 0; count < 5; count += 1) await page.keyboard.press('Shift+ArrowLeft');
  await page.getByRole('button', { name: messages.editor.textMarks.bold }).click();
  await expect(page.getByRole('button', { name: messages.editor.textMarks.bold })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: messages.editor.linkWords }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'The creek' }).click();
  await page.getByRole('button', { name: messages.editor.textMarks.bulletList }).click();
  await page.keyboard.press('Escape');
  const leads = page.getByRole('navigation', { name: messages.editor.leadsTo });
  await expect(leads).toContainText('The creek');
  await expect(leads).toContainText('creek');
  await item(page, 'Text, “Go to the creek”').click();
  await expect(page.getByLabel(messages.editor.slideName)).toHaveCount(0);
  await leads.getByRole('button', { name: 'The creek' }).first().click();
  await expect(page.getByLabel(messages.editor.slideName)).toHaveValue('The creek');
  await expect(page.getByRole('navigation', { name: messages.editor.reachedFrom })).toContainText(
    messages.slides.opening,
  );
  // A link whose slide is removed is shown as open, and comes back with the slide.
  await page.getByRole('button', { name: messages.editor.removeSlide }).click();
  const asked = page.getByRole('dialog', { name: messages.routes.removeTitle({ links: 1 }) });
  await expect(asked.getByRole('listitem')).toContainText('Opening: “');
  await asked.getByRole('button', { name: messages.editor.removeSlide }).click();
  await expect(page.getByText(messages.editor.slideRemoved({ name: 'The creek', leading: 1 })).first()).toBeVisible();
  await expect(leads).toContainText(messages.slides.gone);
  await page.getByText(messages.editor.takeBack, { exact: true }).click();
  await expect(leads).toContainText('The creek');
  await leads.getByRole('button', { name: 'The creek' }).first().click();
  await page.getByRole('button', { name: messages.editor.removeSlide }).click();
  await asked.getByLabel(messages.routes.leadInstead).selectOption({ label: messages.slides.opening });
  await asked.getByRole('button', { name: messages.editor.removeSlide }).click();
  await expect(leads).toContainText(messages.slides.opening);
  await expect(leads).not.toContainText(messages.slides.gone);
});

test('an item is linked by Ctrl+K to back, restart and a web address; other addresses are refused', async ({
  page,
}) => {
  await page.getByRole('button', { name: messages.kinds.hotspot }).click();
  const leads = page.getByRole('navigation', { name: messages.editor.leadsTo });
  for (const way of ['back', 'restart']) {
    await page.keyboard.press('Control+k');
    await page.getByRole('dialog').getByRole('button', { name: way }).click();
    await expect(leads).toContainText(way);
  }
  await page.keyboard.press('Control+k');
  await page.getByRole('tab', { name: messages.links.kinds.web }).click();
  await page.getByLabel(messages.editor.webAddress).fill('javascript:alert(1)');
  await page.getByRole('button', { name: messages.editor.useAddress }).click();
  await expect(page.getByRole('alert')).toContainText(messages.editor.badAddress);
  await page.getByLabel(messages.editor.webAddress).fill('tides.example/today');
  await page.getByRole('button', { name: messages.editor.useAddress }).click();
  await expect(leads).toContainText('tides.example/today');
});

test('slides are named, duplicated, left out, set to links only and reordered by keys', async ({ page }) => {
  await page.getByRole('button', { name: messages.editor.duplicateSlide }).click();
  await page.getByLabel(messages.editor.slideName).fill('Second');
  await page.getByRole('checkbox', { name: messages.editor.leftOut }).check();
  await page.getByRole('radio', { name: messages.editor.exitsLinks }).click();
  const strip = page.getByRole('region', { name: messages.editor.strip });
  await expect(strip.getByRole('button', { name: `2 Second, ${messages.editor.leftOut}` })).toBeVisible();
  await page.getByRole('button', { name: messages.editor.moveEarlier }).click();
  await expect(strip.getByRole('button', { name: `1 Second, ${messages.editor.leftOut}` })).toBeVisible();
  const second = strip.getByRole('button', { name: `1 Second, ${messages.editor.leftOut}` });
  await second.focus();
  await sortByKeys(page, ['ArrowRight']);
  await expect(strip.getByRole('button', { name: `2 Second, ${messages.editor.leftOut}` })).toBeVisible();
});

test('a second browser follows within a second, and both may type in one text', async ({ page, browser }) => {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('One ');
  await saved(page);
  const other = await browser.newContext({ storageState: await page.context().storageState() });
  const second = await other.newPage();
  await second.goto(page.url());
  await item(second, /Text, “One/).dblclick();
  await expect(second.getByLabel(startOf(messages.editor.textOf))).toBeFocused();
  await expect(page.getByText(messages.editor.alsoHere({ names: 'Nadia Quill' }))).toBeVisible();
  await expect(page.getByRole('button', { name: /^1 Opening, Nadia Quill here/ })).toBeVisible();
  await expect(page.getByRole('main').getByText('Nadia Quill')).toHaveCount(2);
  await second.keyboard.press('End');
  await second.keyboard.type('and two');
  await expect(page.getByText('One and two').first()).toBeVisible();
  await page.keyboard.press('Home');
  await expect.poll(() => page.evaluate(() => getSelection()?.anchorOffset)).toBe(0);
  await Promise.all([page.keyboard.type('Also '), second.keyboard.type(' and three')]);
  for (const who of [page, second]) await expect(who.getByText('Also One and two and three').first()).toBeVisible();
  await second.keyboard.press('Escape');
  await second.getByLabel(messages.library.deckTitle).fill('Saltmarsh together');
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('Saltmarsh together');
  // Each takes their own steps back: the first one's rectangle goes, the title of the second stays.
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await second.getByLabel(messages.library.deckTitle).fill('Saltmarsh, both of us');
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('Saltmarsh, both of us');
  await expect(item(second, 'Shape')).toBeVisible();
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(item(second, 'Shape')).toBeHidden();
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('Saltmarsh, both of us');
  await other.close();
});

test('a picture is placed by file, drop and paste; what is no picture is refused in words', async ({ page }) => {
  const choose = page.getByRole('toolbar').locator('input[type=file]');
  const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  );
  await choose.setInputFiles({ name: 'marsh.png', mimeType: 'image/png', buffer: png });
  await expect(item(page, 'Picture')).toHaveCount(1);
  await page.getByLabel(messages.editor.alt).fill('The marsh at dusk');
  await expect(item(page, 'Picture, “The marsh at dusk”')).toBeVisible();
  await choose.setInputFiles({ name: 'words.png', mimeType: 'image/png', buffer: Buffer.from('only words') });
  await expect(page.getByText(messages.problems['not-a-picture']).first()).toBeVisible();
  await choose.setInputFiles({ name: 'huge.png', mimeType: 'image/png', buffer: Buffer.alloc(21 * 1024 * 1024) });
  await expect(page.getByText(messages.editor.pictureTooLarge({ name: 'huge.png' })).first()).toBeVisible();
  const transfer = await page.evaluateHandle(
    (bytes) => {
      const data = new DataTransfer();
      data.items.add(new File([new Uint8Array(bytes)], 'dropped.png', { type: 'image/png' }));
      return data;
    },
    [...png],
  );
  await page.getByRole('main').dispatchEvent('drop', { dataTransfer: transfer });
  await expect(item(page, /^Picture/)).toHaveCount(2);
  await page.evaluate(
    (data) =>
      window.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })),
    transfer,
  );
  await expect(item(page, /^Picture/)).toHaveCount(3);
});

test('a text of 100,000 letters is refused in words and nothing is lost', async ({ page }) => {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('Before. ');
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'x'.repeat(100_000));
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await expect(page.getByText(asSaid(messages.editor.textTooLong, { pasted: 100_000 })).first()).toBeVisible();
  await expect(item(page, 'Text, “Before.”')).toBeVisible();
});

test('a whole text and marked words get their own size, colour and alignment', async ({ page }) => {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('High water at ten');
  for (let count = 0; count < 3; count += 1) await page.keyboard.press('Shift+ArrowLeft');
  await pickColour(page, messages.editor.textColour, messages.colours['#9b2242']);
  await expect(page.getByLabel(/^Editing text/)).toBeFocused();
  await page.keyboard.press('Escape');
  await pickColour(page, messages.editor.textColour, messages.colours['#0f5c5a']);
  await page.getByRole('spinbutton', { name: messages.editor.size }).fill('30');
  await page.getByRole('radio', { name: messages.editor.alignCenter }).click();
  const whole = page.locator('[data-item] .gv-text').filter({ hasText: 'High water' });
  await expect(whole).toHaveCSS('color', 'rgb(15, 92, 90)');
  await expect(whole).toHaveCSS('font-size', '40px');
  await expect(whole).toHaveCSS('text-align', 'center');
  await expect(whole.getByText('ten', { exact: true })).toHaveCSS('color', 'rgb(155, 34, 66)');
  await page.getByRole('button', { name: messages.editor.textMarks.italic }).click();
  await page.keyboard.press('Escape');
  await expect(whole.locator('em').first()).toBeVisible();
});

test('a slide gets its ground colour; an item becomes a piece; a short-text question its key', async ({ page }) => {
  await pickColour(page, messages.editor.ground, messages.colours['#1f4b4a']);
  await expect(page.locator('[data-canvas] .gv-ground')).toHaveCSS('background-color', 'rgb(31, 75, 74)');
  await page.getByRole('button', { name: messages.editor.shapes, exact: true }).click();
  await page.getByRole('button', { name: messages.editor.ellipse, exact: true }).click();
  await page.getByRole('radio', { name: messages.editor.aPiece }).click();
  await expect(item(page, 'Shape, a piece')).toBeVisible();
  await addQuestion(page, messages.questions.starts['short-text'].name);
  await page.getByRole('textbox', { name: messages.editor.prompt }).fill('Which plant is purple?');
  await page.getByLabel(messages.editor.accepted).fill('sea lavender\nlimonium');
  await expect(item(page, 'Short answer, “Which plant is purple?”')).toBeVisible();
  await expect(page.getByLabel(messages.editor.accepted)).toHaveValue('sea lavender\nlimonium');
});

test('items are moved, resized and turned by touch', async ({ browser, page }) => {
  const context = await browser.newContext({
    storageState: await page.context().storageState(),
    viewport: { width: 1180, height: 820 },
    hasTouch: true,
  });
  const tabletPage = await context.newPage();
  await tabletPage.goto(page.url());
  await tabletPage.getByRole('button', { name: messages.editor.rectangle }).tap();
  const field = (name: string) => tabletPage.getByRole('spinbutton', { name, exact: true });
  await expect(field(messages.editor.fromLeft)).toHaveValue('520');
  const tools = tabletPage.getByRole('toolbar', { name: messages.editor.zoom });
  await dragByTouch(tabletPage, tabletPage.locator('[data-handle="1,1"]'), tools);
  expect(Number(await field(messages.editor.wide).inputValue())).toBeGreaterThan(300);
  await dragByTouch(tabletPage, tabletPage.locator('[data-handle="turn"]'), tools);
  expect(Number(await field(messages.editor.turned).inputValue())).toBeGreaterThan(0);
  await dragByTouch(
    tabletPage,
    item(tabletPage, /^Shape/),
    tabletPage.getByRole('navigation', { name: messages.editor.reachedFrom }).getByRole('heading'),
  );
  await expect(field(messages.editor.fromLeft)).not.toHaveValue('520');
  await context.close();
});
