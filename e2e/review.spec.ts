/** Reviewing by keys: letters are commands only where nothing is typed, and what was done by mistake is undone. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { type Lesson, lessonOf, student } from './handed-out';
import { middleOf, odile } from './people';
import { asSaid } from './as-said';

const queue = (page: Page) => page.getByRole('navigation', { name: messages.reviewing.queue });

/** Something that waits until it is let through. */
function gate(): { readonly opened: Promise<void>; readonly open: () => void } {
  let open: () => void = () => undefined;
  const opened = new Promise<void>((resolve) => (open = resolve));
  return { opened, open };
}

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
  const here = queue(page).locator('[aria-current]');
  const reviewed = await here.textContent();
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
  await expect(here).toHaveText(reviewed ?? '');
  await expect(work.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await field.press('Enter');
  await expect(page.getByRole('list', { name: messages.reviewing.comments })).toContainText('jerk 2 corals, k?');
  await work.context().close();
});

test('a comment stays though what was fetched before it arrives after it, as when somebody submits', async ({
  page,
  browser,
}) => {
  const { lesson, work } = await reviewing(page, browser);
  const other = await student(browser, lesson, 'Hollis Burn');
  // What the server says of reviews is from before the comment, and arrives while the comment is still on its way.
  const reviewsArrive = gate();
  const commentArrives = gate();
  const late: Promise<void>[] = [];
  await page.route(`**/api/lessons/${lesson.id}/reviews`, async (route) => {
    const response = await route.fetch();
    // One that the page no longer waits for cannot be given to it.
    const arrived = reviewsArrive.opened.then(() => route.fulfill({ response })).catch(() => undefined);
    late.push(arrived);
    await arrived;
  });
  await page.route(`**/api/lessons/${lesson.id}/reviews/*`, async (route) => {
    await commentArrives.opened;
    await route.continue();
  });
  await other.getByRole('button', { name: messages.student.submit }).click();
  await other.getByRole('dialog').getByRole('button', { name: messages.student.submit }).click();
  await expect(other.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await expect.poll(() => late.length).toBeGreaterThan(0);
  await page.keyboard.press('c');
  await page.keyboard.type('Look at the tide table.');
  const sent = page.waitForRequest((request) => request.method() === 'PUT');
  await page.keyboard.press('Enter');
  await sent;
  reviewsArrive.open();
  await Promise.all(late);
  await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))));
  const comments = page.getByRole('list', { name: messages.reviewing.comments });
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.reviewing.praises.star }).click();
  const bothKept = page.waitForResponse(
    (response) => response.request().method() === 'PUT' && (response.request().postData() ?? '').includes('star'),
  );
  commentArrives.open();
  await bothKept;
  await expect(comments.getByRole('listitem')).toHaveCount(2);
  await expect(comments).toContainText('Look at the tide table.');
  await page.reload();
  await page.getByRole('tab', { name: messages.reviewing.tab }).click();
  await expect(comments.getByRole('listitem')).toHaveCount(2);
  for (const each of [work, other]) await each.context().close();
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

test('what waits comes first, after a mark the next one comes, and what needs nothing is passed by', async ({
  page,
}) => {
  await odile(page);
  // As if nobody had reviewed anything yet.
  const reviews = (await (await page.request.get('/api/lessons/watch-lesson/reviews')).json()) as object;
  for (const who of Object.keys(reviews))
    await page.request.put(`/api/lessons/watch-lesson/reviews/${who}`, {
      data: { review: { overruled: {}, comments: [] } },
    });
  await page.goto('/lessons/watch-lesson');
  await page.getByRole('tab', { name: messages.reviewing.tab }).click();
  const groups = queue(page).getByRole('group');
  const draw = queue(page).getByRole('group', { name: 'Draw where you saw or heard something.' });
  // Questions of earlier slides were marked by their keys: they stand after those with something to mark.
  await expect(groups.first()).toHaveAccessibleName('Draw where you saw or heard something.');
  const rows = draw.getByRole('listitem');
  // Their work comes one by one; seven have drawn and submitted.
  const waiting = 7;
  await expect(rows).toHaveCount(waiting);
  await expect(page.getByText(asSaid(messages.reviewing.reviewed, { done: 0 }))).toBeVisible();
  await expect(rows.nth(0).getByRole('button')).toHaveAttribute('aria-current', 'true');
  const name = (at: number) => page.getByRole('heading', { level: 2, name: NAMES[at], exact: true });
  await expect(name(0)).toBeVisible();

  // A digit gives points, and the next one is there.
  await page.keyboard.press('1');
  await expect(name(1)).toBeVisible();
  await expect(rows.nth(0)).toContainText('1/1');
  await expect(draw.getByText(messages.reviewing.left({ count: waiting - 1 }))).toBeVisible();
  // So does a press.
  const points = page.getByRole('group', {
    name: messages.reviewing.points({ name: 'Draw where you saw or heard something.' }),
  });
  await points.getByRole('button', { name: '0', exact: true }).click();
  await expect(name(2)).toBeVisible();
  await expect(page.getByText(asSaid(messages.reviewing.reviewed, { done: 2 }))).toBeVisible();
  // What was given by mistake is taken back, where it was given.
  await page.getByRole('button', { name: messages.common.undo }).click();
  await expect(name(1)).toBeVisible();
  await expect(rows.nth(1)).toContainText(messages.reviewing.states.waits);

  // What its key marked is folded away, and there for whoever wants it.
  const marked = queue(page).getByRole('group', { name: 'Pick the picture that shows who it was.' });
  await expect(marked.getByRole('listitem')).toHaveCount(0);
  const fold = marked.getByRole('button', { name: /auto-marked/ });
  await fold.click();
  await expect(fold).toHaveAttribute('aria-expanded', 'true');
  await marked.getByRole('button', { name: /^Farid Moss/ }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Farid Moss', exact: true })).toBeVisible();
  await expectClean(page);

  // The slide has the whole width of its place.
  const slide = page.locator('main .gv-slide').first();
  const boxes = await slide.evaluate((element) => {
    const place = element.closest('main .grid > *');
    return { slide: element.getBoundingClientRect().width, place: place?.getBoundingClientRect().width ?? 0 };
  });
  expect(boxes.slide).toBeGreaterThan(640);
  expect(boxes.place - boxes.slide).toBeLessThan(4);

  // By student, those with something to mark come first as well.
  await page.getByRole('radio', { name: messages.reviewing.byStudent }).click();
  await expect(queue(page).getByRole('group').first()).toHaveAccessibleName('Farid Moss');
});

/** Those who drew, as the class has them. */
const NAMES = ['Dov Kestrel', 'Farid Moss', 'Hollis Burn'];
