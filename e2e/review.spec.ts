/** Reviewing by keys: letters are commands only where nothing is typed, and what was done by mistake is undone. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { type Lesson, lessonOf, student } from './handed-out';
import { middleOf, odile } from './people';
import { asSaid } from './as-said';

/** A lesson in which one student has submitted, looked through by Odile. */
async function reviewing(page: Page, browser: Parameters<typeof student>[0]): Promise<{ lesson: Lesson; work: Page }> {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const work = await student(browser, lesson, 'Farid Moss');
  await work.getByRole('button', { name: messages.student.submit }).click();
  await work.getByRole('dialog').getByRole('button', { name: messages.student.submit }).click();
  await expect(work.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('tab', { name: messages.reviewing.tab }).click();
  await expect(page.getByRole('heading', { name: 'Farid Moss' }).first()).toBeVisible();
  return { lesson, work };
}

test('a spot is pressed and commented on: letters and digits go into the comment', async ({ page, browser }) => {
  const { work } = await reviewing(page, browser);
  const progress = await page.getByText(/^\d+ of \d+$/).textContent();
  const points = page.getByRole('spinbutton').first();
  const before = await points.inputValue();
  const middle = await middleOf(
    page.getByRole('img', { name: asSaid(messages.board.slideOf, { name: 'Farid Moss' }) }),
  );
  await page.mouse.click(middle.x, middle.y);
  await page.keyboard.type('jerk 2 corals, k?');
  const field = page.getByRole('textbox', { name: messages.reviewing.comment });
  await expect(field).toHaveValue('jerk 2 corals, k?');
  // Also once the field has lost the focus, a comment that is being written is no command.
  await page.getByRole('heading', { name: 'Farid Moss' }).first().click();
  await page.keyboard.type('r7');
  await expect(points).toHaveValue(before);
  await expect(page.getByText(/^\d+ of \d+$/)).toHaveText(progress ?? '');
  await expect(work.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await field.press('Enter');
  await expect(page.getByRole('list', { name: messages.reviewing.comments })).toContainText('jerk 2 corals, k?');
  await work.context().close();
});

test('returning by its key is undone by one press, and the student’s work is submitted as before', async ({
  page,
  browser,
}) => {
  const { work } = await reviewing(page, browser);
  await page.keyboard.press('r');
  await expect(work.getByText(messages.reviewing.again)).toBeVisible();
  await page.getByRole('button', { name: messages.common.undo }).click();
  await expect(page.getByText(messages.reviewing.notGivenBack({ name: 'Farid Moss' })).first()).toBeVisible();
  await expectClean(page);
  await expect(work.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await expect(work.getByRole('button', { name: messages.reviewing.look })).toBeHidden();
  await work.context().close();
});

test('slides are seen whole: beside the board, and by the student on a phone, with the spot where it was set', async ({
  page,
  browser,
}) => {
  const { lesson, work } = await reviewing(page, browser);
  const slide = page.getByRole('img', { name: asSaid(messages.board.slideOf, { name: 'Farid Moss' }) });
  const seen = await slide.boundingBox();
  if (!seen) throw new Error('the slide is on the screen');
  // Near the right edge, which is what was cut off.
  await page.mouse.click(seen.x + seen.width * 0.96, seen.y + seen.height * 0.5);
  await page.keyboard.type('Look here.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: messages.reviewing.comments })).toContainText('Look here.');
  await page.getByRole('button', { name: messages.reviewing.giveBack }).click();
  await expect(work.getByText(messages.reviewing.again)).toBeVisible();

  await work.setViewportSize({ width: 390, height: 844 });
  await work.getByRole('button', { name: messages.reviewing.look }).click();
  const dialog = work.getByRole('dialog');
  const drawn = dialog.locator('.gv-slide').first();
  await expectWithin(drawn, dialog);
  const spot = await middleOf(dialog.locator('[aria-hidden] > span', { hasText: /^1$/ }).first());
  const box = await drawn.boundingBox();
  if (!box) throw new Error('the slide is on the screen');
  expect((spot.x - box.x) / box.width).toBeCloseTo(0.96, 1);
  expect((spot.y - box.y) / box.height).toBeCloseTo(0.5, 1);

  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('button', { name: 'Farid Moss', exact: true }).click();
  const panel = page.getByRole('region', { name: messages.board.slidesOf({ name: 'Farid Moss' }) });
  await expectWithin(panel.locator('.gv-slide').first(), panel);
  await work.context().close();
});

/** Expects that all of an element's width is within another one. */
async function expectWithin(inner: Locator, outer: Locator): Promise<void> {
  await expect
    .poll(async () => {
      const [a, b] = [await inner.boundingBox(), await outer.boundingBox()];
      return a !== null && b !== null && a.width > 100 && a.x >= b.x && a.x + a.width <= b.x + b.width;
    })
    .toBe(true);
}
