/** The board while a class types: what it says of an answer is always said of the answer that is there. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { lessonOf, row, student } from './handed-out';
import { odile } from './people';

test('a right answer is told right while somebody else types on and on', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  await page.goto(`/lessons/${lesson.id}`);
  const perrin = await student(browser, lesson, 'Perrin Holt');
  const amaro = await student(browser, lesson, 'Amaro Finch');
  for (const each of [perrin, amaro]) await each.getByRole('button', { name: messages.walking.next }).tap();
  const blank = (each: typeof page) => each.getByLabel('Twice a day it is');
  await expect(row(page, 'Amaro Finch')).toContainText('0/');
  let isTyping = true;
  const typing = (async () => {
    await blank(amaro).focus();
    while (isTyping) await amaro.keyboard.type('so', { delay: 120 });
  })();
  await blank(perrin).pressSequentially('low', { delay: 150 });
  // Nobody pauses, and the board has looked at it.
  await expect(row(page, 'Perrin Holt'))
    .toContainText('1/')
    .finally(() => (isTyping = false));
  await typing;
  for (const each of [perrin, amaro]) await each.context().close();
});
