/** The deck check: what it finds while one works, where it is, how it is mended, taken back and set aside. */
import { placedWordsOf } from '@gobrel/core/checks';
import { itemsToDraw, slidesInOrder, themeOn } from '@gobrel/core/deck';
import { DRAWN, makeScenario } from '@gobrel/demo';
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher, odile, saved } from './people';

const says = messages.checks;

/** Opens the check from the editor's bar. */
async function openCheck(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Deck check|^\d+ to fix$/ }).click();
  await expect(page.getByRole('heading', { name: says.title })).toBeVisible();
}

/** A text in the middle of the slide, its letters as small as they get. */
async function smallText(page: Page, words: string): Promise<void> {
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type(words);
  await page.keyboard.press('Escape');
  await page.getByLabel(messages.editor.size).fill('9');
  await page.keyboard.press('Enter');
}

test('is there while one works: told, shown on the slide, mended with one press, taken back with one', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Small things');
  await openCheck(page);
  await page.getByRole('tab', { name: messages.editor.settings }).click();
  await smallText(page, 'Who sits at the back?');
  await expect(page.getByRole('tab', { name: says.tabCount({ count: 1 }) })).toBeVisible();
  await page.getByRole('tab', { name: says.tabCount({ count: 1 }) }).click();
  const finding = page.getByRole('listitem').filter({ hasText: says.titles['small-text'] });
  await expect(finding).toContainText(says.whys['small-text']({ points: 9, needed: 16 }));
  await expectClean(page);
  await finding.getByRole('button', { name: says.fix({ mend: says.mends['small-text'] }) }).click();
  await expect(page.getByRole('tab', { name: says.tab, exact: true })).toBeVisible();
  await page.getByRole('button', { name: messages.common.undo }).first().click();
  await expect(page.getByRole('tab', { name: says.tabCount({ count: 1 }) })).toBeVisible();
});

test('goes by the room that is set, and is quiet about what was set aside, with the reason kept', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Rooms');
  await smallText(page, 'For the handout only');
  await openCheck(page);
  const finding = page.getByRole('listitem').filter({ hasText: says.titles['small-text'] });
  await expect(finding).toBeVisible();
  await page.getByRole('button', { name: says.settings }).click();
  await page.getByLabel(says.distance).fill('2');
  await expect(finding).toHaveCount(0);
  await page.getByLabel(says.distance).fill('8');
  await expect(finding).toBeVisible();
  await finding.getByRole('button', { name: says.ignore }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel(says.reason).fill('It is printed');
  await expectClean(page);
  await dialog.getByRole('button', { name: says.ignore }).click();
  await expect(finding).toHaveCount(0);
  await saved(page);
  await page.reload();
  await openCheck(page);
  await page.getByRole('button', { name: says.ignored({ count: 1 }) }).click();
  await expect(page.getByText('It is printed')).toBeVisible();
  await page.getByRole('button', { name: says.again }).click();
  await expect(finding).toBeVisible();
});

test('several are mended at once; what is to be fixed stands on the bar, in the strip and where it is handed out', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Before class');
  await smallText(page, 'One');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await smallText(page, 'Two');
  // A link whose slide is deleted again.
  await page.getByRole('button', { name: messages.editor.rectangle }).click();
  await page.keyboard.press('Control+k');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Opening/ })
    .click();
  await page.getByRole('button', { name: /^1 / }).first().click();
  await page.getByRole('button', { name: /^1 / }).first().press('Delete');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: messages.order.remove })
    .click()
    .catch(() => undefined);
  const toFix = page.getByRole('button', { name: says.toFix({ count: 1 }) });
  await expect(toFix.first()).toBeVisible();
  await expect(page.getByRole('button', { name: new RegExp(`^1 .*${says.toFix({ count: 1 })}`) })).toBeVisible();
  await page.getByRole('button', { name: messages.handOut.action, exact: true }).click();
  const handOut = page.getByRole('dialog');
  await expect(handOut.getByText(says.beforeClass({ count: 1 }))).toBeVisible();
  await expectClean(page);
  await handOut.getByRole('button', { name: says.see }).click();
  await expect(page.getByRole('heading', { name: says.title })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: says.titles['broken-link'] })).toBeVisible();
  // By keys alone: to the finding, and there.
  await page
    .getByRole('listitem')
    .filter({ hasText: says.titles['broken-link'] })
    .getByRole('button')
    .first()
    .press('Enter');
  await expectClean(page);
});

test('finds words that a picture makes hard to read, by the picture’s own colours', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'On pictures');
  // On its first slide words may be light.
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  const night =
    '<svg xmlns="http://www.w3.org/2000/svg" width="1600" height="900"><rect width="1600" height="900" fill="#33302c"/></svg>';
  await page
    .getByLabel(messages.kinds.picture, { exact: true })
    .setInputFiles({ name: 'night.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(night) });
  await expect(page.getByRole('complementary').getByLabel(messages.editor.alt)).toBeVisible();
  await page.getByRole('complementary').getByLabel(messages.editor.alt).fill('Night');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('Dark words on the dark');
  await page.keyboard.press('Escape');
  await openCheck(page);
  const finding = page.getByRole('listitem').filter({ hasText: says.titles.contrast });
  await expect(finding).toBeVisible();
  await finding.getByRole('button', { name: says.fix({ mend: says.mends.contrast }) }).click();
  await expect(finding).toHaveCount(0);
});

test('the room that the check counts for words is the room that the browser gives them', async ({ page }) => {
  const scenario = makeScenario(
    () => '',
    () => ({ file: '', fileName: '', bytes: 0, seconds: 0, credit: DRAWN }),
  );
  await odile(page);
  const far: string[] = [];
  let compared = 0;
  for (const id of ['night-walk', 'night-watch'] as const) {
    const deck = scenario.decks.find((each) => each.id === id)?.deck;
    if (!deck) throw new Error(`no deck ${id}`);
    await page.goto(`/decks/${id}?see=grid`);
    await expect(page.locator('[data-draws]').first()).toBeAttached();
    const items = slidesInOrder(deck).flatMap((slide) => itemsToDraw(deck, slide.id));
    for (const item of items) {
      if (item.kind !== 'text' && item.kind !== 'shape') continue;
      const theme = themeOn(deck.theme, deck.slides[item.slideId]?.layout ?? 'blank');
      const [words] = placedWordsOf(item, theme);
      if (!words) continue;
      const box = page.locator(`[data-draws="${item.id}"] .gv-text`).first();
      if ((await box.count()) === 0) continue;
      const height = await box.evaluate((element: HTMLElement) => element.offsetHeight);
      compared += 1;
      // Within half a line.
      if (Math.abs(height - words.height) > 0.65 * words.smallest)
        far.push(`${item.id}: ${String(height)} ${String(words.height)}`);
    }
  }
  expect(compared).toBeGreaterThan(60);
  // Where a line is full to a hair, kerning says whether the last word goes on it: that is not counted.
  expect(far.length, far.join('; ')).toBeLessThanOrEqual(compared * 0.03);
});
