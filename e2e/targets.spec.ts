/** On a tablet, whatever is pressed in the editor has room for a finger: 44 CSS pixels each way. */
import * as messages from '@gobrel/messages';
import { type Browser, expect, type Page, test } from '@playwright/test';
import { fromMenu, odile, ownCopy, placeTable, QUESTIONS, tablet, withGroupsOpen } from './people';

test.describe.configure({ timeout: 240_000 });

/** What is pressed, dragged or typed in; items on the slide are as large as their author made them. */
const CONTROLS =
  'button, a[href], input, select, textarea, [role=tab], [role=radio], [role=checkbox], [role=menuitem], [role=slider]';

/** Controls in sight that a finger easily misses, with the size of what hears it. */
function tooSmall(page: Page): Promise<string[]> {
  return page.evaluate((controls) => {
    const FINGER = 44;
    const hears = (control: Element, x: number, y: number) => {
      const hit = document.elementFromPoint(x, y);
      const label = hit?.closest('label');
      return control.contains(hit) || (label ? label.contains(control) || label.control === control : false);
    };
    /** How far from its middle a control is heard, one way. */
    const reach = (control: Element, x: number, y: number, dx: number, dy: number) => {
      let far = 0;
      while (far < FINGER && hears(control, x + dx * (far + 1), y + dy * (far + 1))) far += 1;
      return far;
    };
    const small: string[] = [];
    for (const control of document.querySelectorAll(controls)) {
      if (control.closest('[data-item], .spoken')) continue;
      let { left, top, width, height } = control.getBoundingClientRect();
      // Out of sight, or covered by something else.
      if (!hears(control, left + width / 2, top + height / 2)) continue;
      if (width >= FINGER && height >= FINGER) continue;
      control.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' });
      ({ left, top, width, height } = control.getBoundingClientRect());
      const [x, y] = [left + width / 2, top + height / 2];
      const wide = Math.max(width, 1 + reach(control, x, y, -1, 0) + reach(control, x, y, 1, 0));
      const high = Math.max(height, 1 + reach(control, x, y, 0, -1) + reach(control, x, y, 0, 1));
      // A frame's edge falls between two pixels.
      if (wide > FINGER - 1 && high > FINGER - 1) continue;
      const name = control.getAttribute('aria-label') ?? control.textContent ?? '';
      small.push(`${control.tagName.toLowerCase()} “${name.slice(0, 40)}” ${wide} × ${high}`);
    }
    return small;
  }, CONTROLS);
}

/** The demo's deck in a copy of one's own, at a slide, on a tablet. */
async function atDeck(browser: Browser, deckId: string, slide: string): Promise<Page> {
  const page = await (await tablet(browser)).newPage();
  await withGroupsOpen(page);
  await odile(page);
  await page.goto(`/decks/${await ownCopy(page, deckId)}?slide=${slide}`);
  await expect(page.getByLabel(messages.editor.slideName)).toBeVisible();
  expect(await page.evaluate(() => matchMedia('(pointer: coarse)').matches)).toBe(true);
  return page;
}

const largeEnough = (page: Page) => expect.poll(() => tooSmall(page)).toEqual([]);

test('what the editor is looked at with, and what is chosen from', async ({ browser }) => {
  const page = await atDeck(browser, 'night-walk', 'fork');
  await largeEnough(page);
  for (const name of [
    /^Theme:/,
    'Slide size',
    'Shapes',
    'Lines',
    messages.signs.sets.signs,
    messages.editor.addFrom,
    messages.versions.title,
    messages.sharing.action,
  ]) {
    if (name === messages.versions.title || name === messages.sharing.action) await fromMenu(page, name);
    else await page.getByRole('button', { name, exact: true }).tap();
    await expect(page.getByRole('dialog')).toBeVisible();
    await largeEnough(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  for (const way of ['Grid', 'Outline', 'Map', 'Plan']) {
    await page.getByRole('radio', { name: way }).tap();
    await expect(page.getByRole('main').getByRole('button').first()).toBeVisible();
    await largeEnough(page);
  }
  await page.context().close();
});

test('what is set of items, one and several', async ({ browser }) => {
  const page = await atDeck(browser, 'night-walk', 'fork');
  for (const name of ['Rectangle', 'Text', 'Table', 'Piece', 'Zone', 'Hotspot']) {
    if (name === 'Table') await placeTable(page);
    else await page.getByRole('button', { name, exact: true }).tap();
    await expect(page.getByRole('group', { name: messages.editor.actions, exact: true })).toBeVisible();
    await largeEnough(page);
    await page.keyboard.press('Escape');
  }
  await page.getByRole('tab', { name: messages.editor.allItems }).tap();
  await largeEnough(page);
  await page.getByRole('tab', { name: messages.editor.settings }).tap();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+a');
  await expect(page.getByRole('heading', { name: /^\d+ items/ })).toBeVisible();
  await largeEnough(page);
  await page.context().close();
});

test('what is set of questions of every kind', async ({ browser }) => {
  const page = await atDeck(browser, 'night-watch', 'watch-true');
  await page.getByRole('button', { name: messages.questions.add, exact: true }).tap();
  await largeEnough(page);
  for (const [slide, name] of QUESTIONS) {
    await page.goto(`${page.url().split('?')[0]}?slide=${slide}`);
    await page.getByRole('button', { name }).first().tap();
    await expect(page.getByRole('group', { name: messages.editor.actions, exact: true })).toBeVisible();
    await largeEnough(page);
  }
  await page.context().close();
});
