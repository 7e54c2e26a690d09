/**
 * Every screen in the pseudo-language: longer, accented, from right to left. What is read in plain letters is not in
 * the catalogue; what is wider than the screen does not carry a longer language.
 */
import * as says from '@gobrel/messages/compiled/pseudo/index.js';
import { expect, type Page, test } from '@playwright/test';
import { boxOf } from './people';

test.use({ baseURL: process.env['GOBREL_PSEUDO_ADDRESS'] });

/** What is the same in every language: our name, what languages call themselves, codes, addresses, dates as the locale writes them. */
const EVERYWHERE =
  /Gobrel|English|Español|[A-Z]{4}-\d{3}|\S+@\S+|https?:\S*|\d{1,2} [A-Z][a-z]+ at \d\d:\d\d|\b(QTI|CSV|SVG|PNG|DOT|PIN)\b/g;

/** Texts in plain letters that can be seen or are spoken. */
async function plainTexts(page: Page): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const all: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (node instanceof Element) {
        for (const name of ['aria-label', 'aria-roledescription', 'title', 'placeholder', 'alt'])
          all.push(node.getAttribute(name) ?? '');
      } else if (node.parentElement?.checkVisibility() && !node.parentElement.closest('script, style')) {
        all.push(node.textContent ?? '');
      }
    }
    return all;
  });
  return [...new Set(texts.filter((text) => /[A-Za-z]{3}/.test(text.replace(EVERYWHERE, ''))))];
}

/** Nothing is in plain letters, and nothing is wider than the screen. */
async function expectTranslated(page: Page): Promise<void> {
  await expect.soft.poll(() => plainTexts(page), { timeout: 2500 }).toEqual([]);
  expect(await page.evaluate(() => [document.documentElement.dir, document.documentElement.lang])).toEqual([
    'rtl',
    'en-GB',
  ]);
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(overflow, 'pixels wider than the screen').toBeLessThanOrEqual(0);
}

test('every screen speaks the language it is built in, for teacher and student', async ({ page, browser }) => {
  await page.goto('/sign-in');
  await expectTranslated(page);
  await page.getByRole('button', { name: says.signIn.noAccount }).click();
  await page.getByRole('button', { name: says.signIn.create }).click();
  await expect(page.getByText(says.faults['password-too-short'])).toBeVisible();
  await expectTranslated(page);
  await page.getByLabel(says.signIn.name, { exact: true }).fill('Ñåðîå');
  await page.getByLabel(says.signIn.email).fill(`${Date.now()}@marrambay.example`);
  await page.getByLabel(says.signIn.password).fill('ðêêp ŵåţêŕ åţ ñîĝĥţ');
  await page.getByRole('button', { name: says.signIn.create }).click();
  await expect(page.getByRole('heading', { name: says.library.title })).toBeVisible();
  await expectTranslated(page);

  for (const [path, title] of [
    ['/lessons', says.lessons.title],
    ['/classes', says.classes.title],
  ] as const) {
    await page.goto(path);
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
    await expectTranslated(page);
  }
  await page.getByRole('button', { name: says.classes.newClass }).click();
  await page.getByLabel(says.classes.name).fill('6 Ĥéŕöñ');
  await page.getByLabel(says.classes.students).fill('Ðöṽ Ķéšţŕéļ, Ţéŕñš');
  await expectTranslated(page);
  await page.getByRole('button', { name: says.common.keep }).click();
  await expect(page.getByRole('heading', { name: '6 Ĥéŕöñ' })).toBeVisible();
  await expectTranslated(page);

  await page.goto('/');
  await page.getByRole('button', { name: says.library.newDeck }).click();
  await page.getByLabel(says.library.deckTitle).fill('Ţîðéš');
  await expect(page.getByText(says.kept.saved, { exact: true })).toBeVisible();
  await expectTranslated(page);
  await page.getByRole('button', { name: says.kinds.text, exact: true }).click();
  await page.keyboard.type('Ĥîĝĥ ţîðé');
  await page.keyboard.press('Escape');
  await expectTranslated(page);
  await page.getByRole('button', { name: says.questions.add, exact: true }).click();
  await expectTranslated(page);
  await page.getByRole('button', { name: says.questions.starts.choice.name }).click();
  await expectTranslated(page);
  await page.keyboard.press('F1');
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectTranslated(page);
  await page.keyboard.press('Escape');
  for (const view of ['grid', 'outline', 'map', 'plan'] as const) {
    await page.getByRole('radio', { name: says.order.sees[view] }).click();
    if (view === 'map' || view === 'plan') await expect(page.locator('.react-flow__node').first()).toBeVisible();
    await expectTranslated(page);
  }
  await page.getByRole('radio', { name: says.order.sees.slide }).click();
  // What means a direction of reading points the other way.
  await expect(page.locator('header .lucide-undo-2')).toHaveCSS('scale', '-1 1');
  // The panel stands at the end of the line, which is on the left, and arrows go through its tabs as they stand.
  const panel = await boxOf(page.getByRole('complementary', { name: says.editor.panel }));
  expect(panel.x).toBe(0);
  const tabs = page.getByRole('tab');
  await tabs.first().focus();
  await page.keyboard.press('ArrowLeft');
  await expect(tabs.nth(1)).toBeFocused();
  expect((await boxOf(tabs.nth(1))).x).toBeLessThan((await boxOf(tabs.first())).x);

  await page.getByRole('button', { name: says.handOut.action }).click();
  const dialog = page.getByRole('dialog');
  await expectTranslated(page);
  await dialog.getByRole('button', { name: says.handOut.action }).click();
  const code = (await dialog.getByText(/^[A-Z]{4}-\d{3}$/).textContent()) ?? '';
  await expectTranslated(page);
  await dialog.getByRole('link', { name: says.handOut.toLesson }).click();
  await expect(page.getByText('Ðöṽ Ķéšţŕéļ').first()).toBeVisible();
  await expectTranslated(page);
  for (const tab of [
    says.board.answers,
    says.watching.sideBySide,
    says.watching.ways,
    says.leading.tab,
    says.reviewing.tab,
  ]) {
    await page.getByRole('tab', { name: tab }).click();
    await expectTranslated(page);
  }

  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const student = await context.newPage();
  await student.goto('/join');
  await expectTranslated(student);
  await student.getByLabel(says.join.code).fill('ABCD-123');
  await student.getByRole('button', { name: says.join.enter }).click();
  await expect(student.getByText(says.problems['no-such-code'])).toBeVisible();
  await student.getByLabel(says.join.code).fill(code);
  await student.getByRole('button', { name: says.join.enter }).click();
  await student.getByRole('button', { name: 'Ðöṽ Ķéšţŕéļ' }).click();
  await expectTranslated(student);
  await student.getByLabel(says.join.newPin).fill('2468');
  await student.getByRole('button', { name: says.join.begin }).click();
  await expect(student.getByRole('button', { name: says.student.submit })).toBeVisible();
  await expectTranslated(student);
  await student.getByRole('button', { name: says.student.submit }).click();
  await expectTranslated(student);
  await context.close();
});
