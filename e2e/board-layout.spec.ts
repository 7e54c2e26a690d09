/** The board's room: how much of a class is in sight, its trails, and what lasts until it is ended. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { lessonOf, student } from './handed-out';
import { odile } from './people';

/** How many rows of the class are whole in sight. */
const rowsInSight = (page: Page) =>
  page.locator('tbody tr').evaluateAll((rows) => {
    const panel = rows[0]?.closest('[role=tabpanel]')?.getBoundingClientRect();
    const head = rows[0]?.closest('table')?.querySelector('thead')?.getBoundingClientRect();
    if (!panel || !head) return 0;
    return rows.filter((row) => {
      const { top, bottom } = row.getBoundingClientRect();
      return top >= head.bottom - 1 && bottom <= Math.min(panel.bottom, window.innerHeight) + 1;
    }).length;
  });

test('eighteen students are in sight at 1280 × 800, and all of a class of thirty at 1920 × 1080', async ({ page }) => {
  await odile(page);
  await page.goto('/lessons/shore-lesson');
  await expect(page.getByRole('row', { name: /Amaro Finch/ })).toBeVisible();
  await expect.poll(() => rowsInSight(page)).toBeGreaterThanOrEqual(18);
  // Names begin at the start of their column, as its head does.
  for (const head of [
    page.getByRole('rowheader', { name: /Amaro Finch/ }),
    page.getByRole('columnheader', { name: messages.board.student, exact: true }),
  ])
    await expect(head).toHaveCSS('text-align', 'start');

  const students = Array.from({ length: 30 }, (_, place) => `Student ${place + 1}`);
  const made = await page.request.post('/api/classes', { data: { name: '30 Heron', students } });
  const { id: classId } = (await made.json()) as { readonly id: string };
  const lesson = await lessonOf(page, { deckId: 'shore-zones', classId });
  await page.setViewportSize({ width: 1920, height: 1080 });
  await page.goto(`/lessons/${lesson.id}`);
  await expect(page.getByRole('row', { name: /Student 30/ })).toBeVisible();
  await expect.poll(() => rowsInSight(page)).toBe(30);
});

test('the head stays in sight, says what the class did and where it is, and a ring is where somebody is now', async ({
  page,
  browser,
}) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  await page.goto(`/lessons/${lesson.id}`);
  const work = await student(browser, lesson, 'Farid Moss');
  const head = page.getByRole('columnheader', { name: new RegExp(messages.board.here({ count: 1 })) });
  await expect(head).toContainText('Start');
  const row = page.getByRole('row', { name: /^Farid Moss/ });
  await expect(row).toContainText(messages.board.hereWith({ state: messages.board.seen }));
  await work.getByRole('button', { name: messages.walking.next }).click();
  await expect(head).toContainText('Tides');
  await page.getByRole('tabpanel').evaluate((panel) => panel.scrollTo(0, panel.scrollHeight));
  await expect(head).toBeInViewport({ ratio: 1 });
  await work.context().close();
});

test('whoever joins while the board is still connecting is on it', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  // What the page says to the server waits: it has asked for the lesson, and is not told yet what happens in it.
  let connect: () => void = () => undefined;
  const connected = new Promise<void>((resolve) => (connect = resolve));
  await page.routeWebSocket(/\/sync/, (socket) => {
    const server = socket.connectToServer();
    socket.onMessage((message) => void connected.then(() => server.send(message)));
  });
  await page.goto(`/lessons/${lesson.id}`);
  const row = page.getByRole('row', { name: /^Farid Moss/ });
  await expect(row).toContainText(messages.board.notJoined);
  const work = await student(browser, lesson, 'Farid Moss');
  connect();
  await expect(row).not.toContainText(messages.board.notJoined);
  await work.context().close();
});

test('what lasts stands on the bar in words until it ends, and is ended there', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const work = await student(browser, lesson, 'Farid Moss');
  await page.goto(`/lessons/${lesson.id}`);
  const bar = page.getByRole('toolbar', { name: messages.leading.title });
  await bar.getByRole('button', { name: messages.board.hold }).click();
  await bar.getByRole('button', { name: messages.leading.dark }).click();
  await page.getByRole('button', { name: messages.board.showNow }).click();
  const paused = bar.getByRole('button', { name: messages.board.letGo });
  const blank = bar.getByRole('button', { name: messages.leading.light });
  const presenting = bar.getByRole('button', { name: messages.board.showsUntil({ name: 'Farid Moss' }) });
  for (const lasting of [paused, blank, presenting]) await expect(lasting).toBeVisible();
  for (const lasting of [presenting, blank, paused]) {
    await lasting.click();
    await expect(lasting).toBeHidden();
  }
  await work.context().close();
});
