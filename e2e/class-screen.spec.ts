/** The class screen: any chart of answers can go there, and it is read from the back row. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { odile } from './people';

const sizes = [
  { width: 1024, height: 768 },
  { width: 1920, height: 1080 },
];

/** The smallest letters that are written on a screen, in CSS pixels. */
const smallestLetters = (page: Page) =>
  page.evaluate(() => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const found: number[] = [];
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const around = node.parentElement;
      if (!around || !node.textContent?.trim() || around.closest('.spoken, .sr-only, svg, [data-state]')) continue;
      // What comes into sight only with the focus stands above the screen.
      if (around.offsetWidth > 1 && around.getBoundingClientRect().bottom > 0)
        found.push(parseFloat(getComputedStyle(around).fontSize));
    }
    return Math.min(...found);
  });

async function widthOf(locator: Locator): Promise<number> {
  return (await locator.boundingBox())?.width ?? 0;
}

test('whoever comes reads where to go and what to type from the back row', async ({ page }) => {
  await odile(page);
  await page.goto('/lessons/watch-lesson/screen');
  for (const size of sizes) {
    await page.setViewportSize(size);
    await expect(page.getByText('HRNW-561')).toBeInViewport({ ratio: 1 });
    await expect(page.getByText(/\/join$/)).toBeInViewport({ ratio: 1 });
    await expect.poll(() => smallestLetters(page)).toBeGreaterThanOrEqual(size.width * 0.025 - 0.5);
  }
});

test('a chart goes to the class screen without names and without what is right, until that is shown and it is ended', async ({
  page,
}) => {
  await odile(page);
  await page.goto('/lessons/watch-lesson');
  await page.getByRole('tab', { name: messages.board.answers }).click();
  const screen = await page.context().newPage();
  await screen.goto('/lessons/watch-lesson/screen');

  const card = page.getByRole('figure', { name: 'High water comes at the same time every day.' });
  // The whole text over its bar, and the count at the end of the line.
  const row = card.getByRole('listitem').filter({ hasText: 'True' });
  await expect(row).toContainText(/True.*\d+$/s);
  await card.getByRole('button', { name: messages.watching.toClass }).click();
  const chart = screen.getByRole('figure', { name: 'High water comes at the same time every day.' });
  await expect(chart).toBeVisible();
  const counts = await card.getByRole('listitem').allTextContents();
  await expect(chart.getByText(messages.board.states.right)).toHaveCount(0);
  await card.getByRole('button', { name: messages.watching.showRight }).click();
  await expect(chart.getByText(messages.board.states.right)).toBeVisible();
  expect(await chart.getByRole('listitem').allTextContents()).toEqual(counts);
  for (const size of sizes) {
    await screen.setViewportSize(size);
    await expect.poll(() => smallestLetters(screen)).toBeGreaterThanOrEqual(size.width * 0.025 - 0.5);
    expect(await widthOf(screen.getByRole('img', { name: messages.handOut.qr }))).toBeGreaterThanOrEqual(96);
    await expect(chart.getByRole('listitem').last()).toBeInViewport({ ratio: 1 });
  }
  await expectClean(screen);

  // Another one takes its place; long answers are there without names.
  const told = page.getByRole('figure', { name: 'What was the best moment of the night?' });
  await told.getByRole('button', { name: messages.watching.toClass }).click();
  const texts = screen.getByRole('figure', { name: 'What was the best moment of the night?' });
  await expect(texts.getByRole('listitem').first()).toBeVisible();
  await expect(texts).not.toContainText('Farid Moss');

  // What lasts stands on the bar, whatever is looked at, and is ended there.
  await page.getByRole('tab', { name: messages.board.byStudent }).click();
  await page.getByRole('button', { name: messages.watching.shownUntil }).click();
  await expect(texts).toBeHidden();
  await expect(screen.getByText('HRNW-561')).toBeVisible();
  await expect(page.getByRole('button', { name: messages.watching.shownUntil })).toBeHidden();
});

test('spots have numbers on the picture and in the list', async ({ page }) => {
  await odile(page);
  await page.goto('/lessons/watch-lesson');
  await page.getByRole('tab', { name: messages.board.answers }).click();
  const card = page.getByRole('figure', { name: 'Put a dot on every place that is under water at high tide.' });
  await expect(card.getByRole('listitem').nth(1)).toBeVisible();
  const listed = await card.getByRole('listitem').count();
  for (let number = 1; number <= listed; number += 1) {
    await expect(card.getByText(String(number), { exact: true }).first()).toBeVisible();
    await expect(card.getByRole('listitem').nth(number - 1)).toContainText(messages.board.spot({ number }));
  }
});
