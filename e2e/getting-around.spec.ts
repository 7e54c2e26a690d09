/** Getting around by keys and by ear: every page has its title and heading, a way past its head, and regions by F6. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { lessonOf, student } from './handed-out';
import { boxOf, newDeck, newTeacher, odile } from './people';

test('every page is called what is on it, and has one first-level heading', async ({ page }) => {
  await odile(page);
  const titles: string[] = [];
  for (const place of [
    '/',
    '/lessons',
    '/classes',
    '/classes/6-heron/gradebook',
    '/classes/6-heron/cards',
    '/decks/night-walk',
    '/decks/night-walk/show',
    '/decks/night-walk/present',
    '/decks/night-walk/trial',
    '/lessons/shore-lesson',
    '/lessons/shore-lesson/screen',
    '/join',
    '/sign-in',
    '/nowhere',
  ]) {
    await page.goto(place);
    await expect(page).toHaveTitle(/ · Gobrel$/);
    await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
    titles.push(await page.title());
  }
  // The show has the name of its deck, as the editor does.
  expect(new Set(titles).size).toBe(titles.length - 1);
});

/** Which region has the focus: its tag, and its label if it has one. */
const region = (page: Page) =>
  page.evaluate(() => {
    const { activeElement } = document;
    return [activeElement?.tagName.toLowerCase(), activeElement?.getAttribute('aria-label')].filter(Boolean).join(' ');
  });

test('the first stop of the Tab key leads past the head; F6 goes from region to region, and back', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk');
  await expect(page.getByLabel(messages.editor.slideName)).toBeVisible();
  await page.keyboard.press('Tab');
  const skip = page.getByRole('button', { name: messages.frame.skip });
  await expect(skip).toBeFocused();
  await expect(skip).toBeInViewport();
  await page.keyboard.press('Enter');
  expect(await region(page)).toBe('main');
  const seen: string[] = [];
  for (let press = 0; press < 5; press += 1) {
    await page.keyboard.press('F6');
    seen.push(await region(page));
  }
  expect(seen).toEqual([
    `aside ${messages.editor.panel}`,
    `section ${messages.editor.strip}`,
    'header',
    `section ${messages.editor.palette}`,
    'main',
  ]);
  await page.keyboard.press('Shift+F6');
  expect(await region(page)).toBe(`section ${messages.editor.palette}`);
});

test('the palette is one stop of the Tab key; arrows go through it, and move what was just placed', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'By arrows');
  const palette = page.getByRole('toolbar', { name: messages.editor.palette });
  const tool = (name: string) => palette.getByRole('button', { name, exact: true });
  await tool(messages.kinds.text).focus();
  await page.keyboard.press('ArrowUp');
  await expect(tool(messages.kinds.viewpoint)).toBeFocused();
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(tool(messages.editor.rectangle)).toBeFocused();
  // Tab leaves it, and comes back to where one was.
  await page.keyboard.press('Tab');
  await expect(palette.locator(':focus')).toHaveCount(0);
  await page.keyboard.press('Shift+Tab');
  await expect(tool(messages.editor.rectangle)).toBeFocused();
  await page.keyboard.press('Enter');
  const shape = page.locator('[data-canvas]').getByRole('button', { name: /^Shape/ });
  const before = await boxOf(shape);
  for (let press = 0; press < 8; press += 1) await page.keyboard.press('ArrowDown');
  await expect.poll(async () => (await boxOf(shape)).y).toBeGreaterThan(before.y + 2);
  await expect(tool(messages.editor.rectangle)).toBeFocused();
  // Once it is let go, arrows go through the palette again; also after something was chosen beside a button.
  await page.keyboard.press('Escape');
  await page.keyboard.press('ArrowDown');
  await expect(tool(messages.editor.shapes)).toBeFocused();
  await page.keyboard.press('Enter');
  await page.getByRole('dialog', { name: messages.editor.shapes }).getByRole('button').nth(1).press('Enter');
  await expect(tool(messages.editor.shapes)).toBeFocused();
  const second = await boxOf(shape.last());
  for (let press = 0; press < 8; press += 1) await page.keyboard.press('ArrowDown');
  await expect.poll(async () => (await boxOf(shape.last())).y).toBeGreaterThan(second.y + 2);
});

test('a student sees what is missing by name and goes there; on the last slide one submits', async ({
  page,
  browser,
}) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const work = await student(browser, lesson, 'Hollis Burn', { viewport: { width: 390, height: 844 } });
  await work.getByRole('button', { name: /^All slides: \d+ of \d+$/ }).tap();
  const overview = work.getByRole('dialog', { name: messages.student.yourSlides });
  await expect(overview.getByRole('listitem')).toHaveCount(6);
  await expect(overview.getByRole('button', { name: /^Start/ })).toHaveAttribute('aria-current', 'true');
  const shore = overview.getByRole('button', { name: /^Shore zones/ });
  await expect(shore).toContainText(/Not placed: .*barnacle/);
  await shore.tap();
  await expect(overview).toBeHidden();
  await expect(work.getByText('barnacle').first()).toBeVisible();
  await expect(work.getByRole('button', { name: messages.walking.next })).toBeVisible();

  await work.getByRole('button', { name: /^All slides/ }).tap();
  await overview.getByRole('button', { name: /^Done/ }).tap();
  await expect(work.getByRole('button', { name: messages.walking.next })).toBeHidden();
  const submit = work.getByRole('contentinfo').getByRole('button', { name: messages.student.submit });
  await submit.tap();
  // What is missing is a press away from there too.
  await work
    .getByRole('dialog')
    .getByRole('button', { name: /^Tides/ })
    .tap();
  await expect(work.getByRole('dialog')).toBeHidden();
  await expect(work.getByText('Twice a day').first()).toBeVisible();
  await work.context().close();
});

test('of a story only what was seen is in the overview', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'night-walk' });
  const work = await student(browser, lesson, 'Farid Moss');
  await work.getByRole('button', { name: /^All slides/ }).click();
  const overview = work.getByRole('dialog', { name: messages.student.yourSlides });
  await expect(overview.getByRole('listitem')).toHaveCount(1);
  await expect(overview).not.toContainText('The hide');
  await work.context().close();
});

test('after following a link the focus is on the new slide, whose name is spoken; titles are headings', async ({
  page,
}) => {
  await odile(page);
  await page.goto('/decks/night-walk/show');
  await page.getByRole('button', { name: messages.walking.next, exact: true }).click();
  const fork = page.getByRole('group', { name: 'The boardwalk splits' });
  await fork.getByRole('link', { name: 'Follow the splash' }).focus();
  await page.keyboard.press('Enter');
  const splash = page.getByRole('group', { name: 'The splash' });
  await expect(splash).toBeFocused();
  await expect(splash.getByRole('heading', { level: 2 })).toBeVisible();
  // The focus of a button beside the slide stays there.
  const back = page.getByRole('button', { name: messages.walking.back, exact: true });
  await back.focus();
  await page.keyboard.press('Enter');
  await expect(fork).toBeVisible();
  await expect(back).toBeFocused();
});

test('of saving only trouble is spoken', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const work = await student(browser, lesson, 'Greta Shaw');
  const note = (words: string) => work.getByRole('status').filter({ hasText: words });
  await expect(note(messages.kept.saved)).toHaveAttribute('aria-live', 'off');
  await work.context().setOffline(true);
  await expect(note(messages.kept['on-device']).or(note(messages.kept.waiting))).toHaveAttribute('aria-live', 'polite');
  await work.context().close();
});
