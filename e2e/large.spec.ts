/** Much at once, and what comes from outside: large decks, full slides, long pastes, moving pictures. */
import * as messages from '@gobrel/messages';
import { ITEMS_TYPE, SLIDES_TYPE } from '@gobrel/core/deck';
import { expect, type Page, test } from '@playwright/test';
import { newDeck, newTeacher, saved, withGroupsOpen } from './people';
import { asSaid, startOf } from './as-said';

test.beforeEach(async ({ page }) => {
  test.setTimeout(180_000);
  await withGroupsOpen(page);
  await newTeacher(page);
  await newDeck(page, 'Much at once');
  await page.getByLabel(messages.library.deckTitle).blur();
});

/** Pastes as the browser does, wherever the focus is. */
function paste(page: Page, type: string, content: string): Promise<void> {
  return page.evaluate(
    ([kind, text]) => {
      const data = new DataTransfer();
      data.setData(kind, text);
      const target = document.activeElement?.closest('[contenteditable]') ?? document.body;
      target.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    },
    [type, content] as const,
  );
}

test('a deck of 500 slides is pasted, worked on, seen as a grid, and saved', async ({ page }) => {
  const places = Array.from({ length: 500 }, (_, at) => at);
  const rank = (at: number) => `c${'0123456789'[Math.floor(at / 100)]}${String(at % 100).padStart(2, '0')}V`;
  const slides = Object.fromEntries(places.map((at) => [`s${at}`, { name: `Post ${at + 1}`, rank: rank(at) }]));
  const items = Object.fromEntries(
    places.map((at) => [
      `i${at}`,
      { kind: 'shape', slideId: `s${at}`, rank: 'a0', frame: { x: 100, y: 100, width: 300, height: 90, rotation: 0 } },
    ]),
  );
  await paste(page, SLIDES_TYPE, JSON.stringify({ version: 1, slides, items }));
  await expect(page.getByText(messages.editor.slidesPasted({ slides: 500, open: 0 })).first()).toBeVisible();
  await expect(page.getByRole('heading', { name: messages.order.severalSlides({ count: 500 }) })).toBeVisible();
  const strip = page.getByRole('region', { name: messages.editor.strip });
  await strip.getByRole('button', { name: /^2 Post 1\b/ }).click();
  await page.getByLabel(messages.editor.slideName).fill('The first post');
  await expect(strip.getByRole('button', { name: /^2 The first post/ })).toBeVisible();
  await expect.poll(() => strip.locator('[data-slide]').count()).toBeLessThan(40);
  await page.getByRole('radio', { name: messages.order.sees.grid }).click();
  await expect(page.getByRole('main').locator('[data-slide]')).toHaveCount(501);
  await page.getByRole('radio', { name: messages.order.sees.slide }).click();
  await saved(page);
});

test('a slide of 1,000 items can be worked on, and undone', async ({ page }) => {
  const items = Array.from({ length: 1000 }, (_, at) => ({
    id: `i${at}`,
    slideId: 's',
    kind: 'shape',
    rank: `a${String(at).padStart(4, '0')}V`,
    frame: { x: (at % 40) * 30, y: Math.floor(at / 40) * 28, width: 24, height: 22, rotation: 0 },
  }));
  await paste(page, ITEMS_TYPE, JSON.stringify({ items }));
  await expect(page.getByRole('heading', { name: messages.editor.several({ count: 1000 }) })).toBeVisible();
  const shapes = page.locator('[data-canvas] [data-item]');
  await expect(shapes).toHaveCount(1002);
  await page.keyboard.press('Escape');
  await shapes.last().click();
  const left = page.getByLabel(messages.editor.fromLeft, { exact: true });
  const before = Number(await left.inputValue());
  await page.keyboard.press('ArrowRight');
  await expect(left).toHaveValue(String(before + 8));
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(shapes).toHaveCount(2);
  await saved(page);
});

test('20,000 words from a word processor are refused in words; a page of them keeps what a text can say', async ({
  page,
}) => {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('Before. ');
  await paste(page, 'text/html', `<p class="MsoNormal">${'marsh '.repeat(20_000)}</p>`);
  await expect(page.getByText(asSaid(messages.editor.textTooLong)).first()).toBeVisible();
  await paste(
    page,
    'text/html',
    '<style>p{color:red}</style><p onclick="alert(1)"><b>High</b> water<script>alert(2)</script></p>' +
      '<ul><li>one<ul><li>within</li></ul></li></ul><table><tr><td>cell</td></tr></table>',
  );
  const typed = page.getByLabel(startOf(messages.editor.textOf));
  await expect(typed.locator('strong')).toHaveText('High');
  await expect(typed.locator('ul ul li')).toHaveText('within');
  await expect(typed.locator('script, table, style, [onclick]')).toHaveCount(0);
  await expect(typed).toContainText('Before.');
  await expect(typed).toContainText('cell');
});

/** A moving picture of two colours, as GIF. */
const MOVING =
  'R0lGODlhEAAMAIAAAExpcQ9cWiH/C05FVFNDQVBFMi4wAwEAAAAh+QQFHgAAACwAAAAAEAAMAAACDIyPqcvtD6OctNprCgAh+QQFHgAAACwAAAAAEAAMAIBMaXH/xGsCDIyPqcvtD6OctNprCgA7';

test('a moving picture moves, and stands still for those who want no movement', async ({ page }) => {
  await page
    .getByRole('toolbar')
    .locator('input[type=file]')
    .setInputFiles({ name: 'lamp.gif', mimeType: 'image/gif', buffer: Buffer.from(MOVING, 'base64') });
  const shown = page.locator('[data-canvas] img');
  await expect(shown).toBeVisible();
  const source = () => shown.evaluate((image: HTMLImageElement) => image.currentSrc);
  await expect.poll(source).toMatch(/\/api\/pictures\/[0-9a-f]{64}$/);
  await saved(page);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await expect.poll(source).toMatch(/\/still$/);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  const inShow = page.locator('.gv-slide img').first();
  await expect(inShow).toBeVisible();
  await expect.poll(() => inShow.evaluate((image: HTMLImageElement) => image.currentSrc)).toMatch(/\/still$/);
});
