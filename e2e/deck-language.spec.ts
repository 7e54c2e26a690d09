/** A deck is in a language of its own, and a text in it may be in another: browsers spell, break and read it so. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { startOf } from './as-said';
import { newTeacher, saved } from './people';

const slide = (page: Page) => page.getByRole('group', { name: startOf(messages.editor.canvas) });

test('a new deck is in the language of the page; deck and text are given others, in the editor and in the show', async ({
  page,
}) => {
  await newTeacher(page);
  await page.goto('/');
  await page.getByRole('button', { name: messages.library.newDeck, exact: true }).first().click();
  await expect(slide(page)).toHaveAttribute('lang', 'en-GB');
  await page.getByText(messages.editor.deckPlaying, { exact: true }).click();
  const ofDeck = page.getByLabel(`${messages.editor.deckPlaying}: ${messages.editor.language}`);
  await expect(ofDeck).toHaveValue('en-GB');
  // Named in the reader's language, in its order.
  const names = await ofDeck.getByRole('option').allTextContents();
  expect(names).toContain('Arabic');
  const [, ...languages] = names;
  expect(languages).toEqual([...languages].sort((a, b) => a.localeCompare(b, 'en-GB')));
  await ofDeck.selectOption('Arabic');
  await expect(slide(page)).toHaveAttribute('lang', 'ar');
  await expect(slide(page)).toHaveAttribute('dir', 'rtl');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('La marée');
  await page.keyboard.press('Escape');
  await page.getByLabel(messages.editor.language, { exact: true }).selectOption('French');
  const text = page.locator('[data-item]').filter({ hasText: 'La marée' });
  await expect(text).toHaveAttribute('lang', 'fr');
  // What is typed in is spelled in its language.
  await text.dblclick();
  expect(
    await text.locator('[contenteditable=true]').evaluate((field) => field.closest('[lang]')?.getAttribute('lang')),
  ).toBe('fr');
  await page.keyboard.press('Escape');
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(text).not.toHaveAttribute('lang');
  await page.getByLabel(messages.common.redo, { exact: true }).click();
  await expect(text).toHaveAttribute('lang', 'fr');
  await saved(page);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  const shown = page.getByRole('main').getByText('La marée');
  await expect(shown).toBeVisible();
  expect(await shown.evaluate((words) => words.closest('[lang]')?.getAttribute('lang'))).toBe('fr');
  await expect(page.locator('.gv-slide').last()).toHaveAttribute('lang', 'ar');
});
