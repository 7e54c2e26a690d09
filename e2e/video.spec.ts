/** A video on a slide: placed, given its file, tried and copied. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher, saved } from './people';

test('a video is placed by a press, gets its file, plays where it stands, and is copied', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Tides in motion');
  await page.getByRole('button', { name: messages.kinds.video, exact: true }).click();
  const panel = page.getByRole('complementary');
  await expect(panel.getByText(messages.video.none)).toBeVisible();
  const file = { name: 'tide.webm', mimeType: 'video/webm', buffer: Buffer.from('a film of the tide') };
  await panel.getByLabel(messages.video.file).setInputFiles(file);
  await expect(panel.getByText(messages.video.now({ name: 'tide.webm' }))).toBeVisible();
  await panel.getByLabel(messages.video.alt).fill('The tide comes in');
  await expect(page.getByRole('button', { name: 'Video, “The tide comes in”' })).toBeVisible();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+d');
  await saved(page);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  const playing = page.getByRole('main').getByLabel('The tide comes in');
  await expect(playing.first()).toHaveAttribute('controls', '');
  await expectClean(page);
});
