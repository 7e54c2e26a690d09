/** A student on a phone: what is filled in has fields under the slide, and the slide can be shown large. */
import * as messages from '@gobrel/messages';
import { type Browser, expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { lessonOf, row, student } from './handed-out';
import { middleOf, odile, boxOf } from './people';

const phone = { viewport: { width: 390, height: 844 }, isMobile: true };

/** A phone in a lesson of a deck, on one of its slides. */
async function onSlide(page: Page, browser: Browser, deckId: string, name: string, slide: string): Promise<Page> {
  await odile(page);
  const lesson = await lessonOf(page, { deckId });
  const work = await student(browser, lesson, name, phone);
  await goTo(work, slide);
  await page.goto(`/lessons/${lesson.id}`);
  return work;
}

const overviewOf = (work: Page) => work.getByRole('dialog', { name: messages.student.yourSlides });

async function goTo(work: Page, slide: string): Promise<void> {
  await work.getByRole('button', { name: /^All slides/ }).tap();
  await overviewOf(work)
    .getByRole('button', { name: new RegExp(`^${slide}`) })
    .tap();
  await expect(overviewOf(work)).toBeHidden();
}

const piece = (work: Page, name: string) => work.getByRole('button', { name: new RegExp(`^${name} `) });
const places = (work: Page, name: string) =>
  work.getByRole('group', { name: messages.fields.placeNamedIn({ name }), exact: true });

test('a piece is placed by two presses, or by a press on the slide, and taken out again', async ({ page, browser }) => {
  const work = await onSlide(page, browser, 'shore-zones', 'Ines Calder', 'Shore zones');
  const barnacle = piece(work, 'barnacle');
  await expect(barnacle).toContainText(messages.fields.placeIn);
  expect((await boxOf(barnacle)).height).toBeGreaterThanOrEqual(44);
  await barnacle.tap();
  await expect(barnacle).toHaveAttribute('aria-expanded', 'true');
  const upper = places(work, 'barnacle').getByRole('button', { name: 'Upper shore' });
  expect((await boxOf(upper)).height).toBeGreaterThanOrEqual(44);
  await upper.tap();
  await expect(barnacle).toContainText('Upper shore');
  await expect(barnacle).toBeFocused();
  await expect(places(work, 'barnacle')).toBeHidden();

  // Pressed on the slide, a piece is taken in hand, and a zone there is a place for it.
  await piece(work, 'kelp').tap();
  const zone = await middleOf(work.getByRole('group', { name: /^Lower shore, / }));
  await work.touchscreen.tap(zone.x, zone.y);
  await expect(piece(work, 'kelp')).toContainText('Lower shore');
  await expect(work.getByText(messages.student.progress({ filled: 2, asked: 6 })).first()).toBeVisible();

  await piece(work, 'kelp').tap();
  await places(work, 'kelp').getByRole('button', { name: messages.fields.takeOut }).tap();
  await expect(piece(work, 'kelp')).toContainText(messages.fields.placeIn);
  await expectClean(work);
  await work.reload();
  await expect(piece(work, 'barnacle')).toContainText('Upper shore');
  await work.context().close();
});

test('held sideways, the fields stand beside the slide, and the places of a piece come into sight', async ({
  page,
  browser,
}) => {
  const work = await onSlide(page, browser, 'shore-zones', 'Mateus Reeve', 'Shore zones');
  await work.setViewportSize({ width: 844, height: 390 });
  const slide = work.getByRole('group', { name: 'Shore zones' });
  await expect
    .poll(async () => (await boxOf(piece(work, 'kelp'))).x)
    .toBeGreaterThan((await boxOf(slide)).x + (await boxOf(slide)).width - 1);
  await piece(work, 'lugworm').tap();
  await expect(places(work, 'lugworm')).toBeInViewport({ ratio: 0.9 });
  await places(work, 'lugworm').getByRole('button', { name: 'Lower shore' }).tap();
  await expect(piece(work, 'lugworm')).toContainText('Lower shore');
  await work.context().close();
});

test('a zone that is full says so to everybody, and the piece stays where it was', async ({ page, browser }) => {
  const work = await onSlide(page, browser, 'night-watch', 'Dov Kestrel', 'In order');
  const quiet = /^Only quiet animals/;
  for (const name of ['barn owl', 'moth']) {
    await piece(work, name).tap();
    await places(work, name).getByRole('button', { name: quiet }).tap();
    await expect(piece(work, name)).toContainText('Only quiet animals');
  }
  await piece(work, 'gull').tap();
  await places(work, 'gull').getByRole('button', { name: quiet }).tap();
  await expect(work.getByText(/gull doesn’t (fit|belong)/).first()).toBeVisible();
  await expect(piece(work, 'gull')).toContainText(messages.fields.placeIn);
  await work.context().close();
});

test('blanks stand in their sentence, questions are as wide as the screen, and the slide shows what was answered', async ({
  page,
  browser,
}) => {
  const work = await onSlide(page, browser, 'night-watch', 'Greta Shaw', 'In words');
  const hunts = work.getByRole('combobox', { name: 'At night the otter hunts …' });
  await hunts.selectOption('fish');
  const where = work.getByRole('textbox', { name: 'in the …' });
  await where.fill('creek');
  const words = await boxOf(work.getByText('At night the otter hunts', { exact: true }).last());
  const list = await boxOf(hunts);
  expect(Math.abs(words.y + words.height / 2 - (list.y + list.height / 2))).toBeLessThan(12);
  expect(list.height).toBeGreaterThanOrEqual(44);
  const plant = work.getByRole('textbox', { name: 'Which purple plant covers the marsh in July?' });
  // One field for each question: the slide is a picture of it.
  await expect(plant).toHaveCount(1);
  await plant.fill('sea lavender');
  expect((await boxOf(plant)).width).toBeGreaterThan(330);
  await work.getByRole('button', { name: messages.telling.check }).tap();
  await expect(work.getByText('That is it.')).toBeVisible();

  // A press on the slide leads to the field.
  await hunts.focus();
  const slide = work.getByRole('group', { name: 'In words' });
  await slide.locator('.gv-seen-below').first().tap();
  await expect(plant).toBeFocused();
  await expectClean(work);
  await expect(row(page, 'Greta Shaw')).toBeVisible();
  await work.context().close();
});

test('own texts are written below the slide', async ({ page, browser }) => {
  const work = await onSlide(page, browser, 'shore-zones', 'Farid Moss', 'Your own find');
  const area = work.getByRole('region', { name: /^Press here/ });
  await area.getByRole('button', { name: messages.onSlides.adding.text }).tap();
  await expect(area.getByLabel(messages.onSlides.yourText)).toBeFocused();
  await area.getByLabel(messages.onSlides.yourText).fill('a feather, grey and white');
  await expect(work.getByRole('group', { name: 'Your own find' })).toContainText('a feather');
  await area.getByRole('button', { name: messages.onSlides.adding.remove }).tap();
  await expect(area.getByLabel(messages.onSlides.yourText)).toHaveCount(0);
  await work.context().close();
});

test('shown large, the slide scrolls along when a piece is dragged to its edge', async ({ page, browser }) => {
  const work = await onSlide(page, browser, 'shore-zones', 'Hollis Burn', 'Shore zones');
  await work.getByRole('button', { name: messages.student.larger }).tap();
  const slide = work.getByRole('group', { name: 'Shore zones' });
  await expect.poll(async () => (await boxOf(slide)).width).toBeGreaterThan(800);
  const lugworm = work.getByRole('button', { name: /^lugworm/ });
  await lugworm.scrollIntoViewIfNeeded();
  const before = await boxOf(slide);
  const from = await middleOf(lugworm);
  const session = await work.context().newCDPSession(work);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] });
  await touch('touchStart', from);
  const edge = { x: 380, y: from.y - 20 };
  for (let step = 1; step <= 6; step += 1)
    await touch('touchMove', { x: from.x + ((edge.x - from.x) * step) / 6, y: from.y - (20 * step) / 6 });
  // Held at the edge, it goes on scrolling until the far end of the slide is in sight.
  await expect.poll(async () => (await boxOf(slide)).x).toBeLessThan(before.x - 200);
  await expect.poll(async () => (await boxOf(slide)).x + (await boxOf(slide)).width).toBeLessThan(400);
  const lower = await boxOf(work.getByRole('group', { name: /^Lower shore/ }));
  await touch('touchMove', { x: lower.x + lower.width / 2, y: lower.y + lower.height / 2 });
  await touch('touchEnd');
  await expect(work.getByRole('button', { name: 'lugworm, in Lower shore' })).toBeVisible();
  await work.context().close();
});

test('the foot shows the way through the slides, and submitting is in reach from every slide', async ({
  page,
  browser,
}) => {
  const work = await onSlide(page, browser, 'shore-zones', 'Jory Vane', 'Tides');
  expect((await boxOf(work.getByRole('banner'))).height).toBeLessThanOrEqual(64);
  expect((await boxOf(work.getByRole('contentinfo'))).height).toBeLessThanOrEqual(78);
  await expect(work.getByRole('button', { name: messages.student.submit })).toBeHidden();
  await work.getByRole('button', { name: /^All slides/ }).tap();
  await overviewOf(work).getByRole('button', { name: messages.student.submit }).tap();
  const question = work.getByRole('dialog', { name: messages.student.submitTitle });
  await question.getByRole('button', { name: messages.student.submit }).tap();
  await expect(work.getByText(messages.student.arrived).first()).toBeVisible();
  await work.context().close();
});

test('all slides are looked at without a network, though nobody has done so before', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const brought = /overview-dialog/;
  const context = await browser.newContext({ ...phone, hasTouch: true });
  const work = await context.newPage();
  const there = work.waitForResponse((answer) => brought.test(answer.url()) && answer.ok());
  await work.goto(`/join/${lesson.code}`);
  await work.getByRole('button', { name: 'Kaia Strand' }).tap();
  await work.getByLabel(/PIN/).fill('2468');
  await there;
  await context.setOffline(true);
  await goTo(work, 'Tides');
  await expect(work.getByRole('textbox').first()).toBeVisible();
  await context.close();
});
