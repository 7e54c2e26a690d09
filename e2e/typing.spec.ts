/** Typing types: letters on a selected text, shape or question are words, and never commands. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { addQuestion, item, newDeck, newTeacher, saved } from './people';
import { startOf } from './as-said';

async function fresh(page: Page): Promise<void> {
  await newTeacher(page);
  await newDeck(page, 'Typing');
}

test('letters typed on a selected title go into it; with Alt they are the commands they were', async ({ page }) => {
  await fresh(page);
  const title = item(page, /^Text/).first();
  await title.click();
  await page.keyboard.type('flow bugs, v? 90+1-0');
  await page.keyboard.press('Escape');
  const named = item(page, 'Text, “flow bugs, v? 90+1-0”');
  await expect(named).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(named).not.toHaveAccessibleName(/locked/);
  await named.click();
  await page.keyboard.press('Alt+l');
  await expect(item(page, /flow bugs.*locked/)).toBeVisible();
  await page.keyboard.press('Alt+l');
  await page.keyboard.press('F1');
  await expect(page.getByRole('dialog', { name: messages.keys.title })).toBeVisible();
  // What is not selected any more is not typed in.
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.keyboard.press('v');
  await expect(page.getByText(messages.editor.drawViewpoint).first()).toBeVisible();
  await expect(named).toHaveCount(1);
});

test('letters typed on a selected question go into its prompt', async ({ page }) => {
  await fresh(page);
  await addQuestion(page, messages.questions.starts.choice.name);
  const question = item(page, /^Choice/);
  await question.focus();
  await page.keyboard.type('big waves? bqwluf');
  await expect(page.getByLabel(messages.editor.prompt, { exact: true })).toHaveValue(/big waves\? bqwluf$/);
  await expect(item(page, /^Choice/)).toHaveCount(1);
  await saved(page);
});

test('a choice that is added is typed in at once', async ({ page }) => {
  await fresh(page);
  await addQuestion(page, messages.questions.starts.choice.name);
  await item(page, /^Choice/).click();
  await page.getByRole('button', { name: messages.editor.addChoice }).click();
  await page.keyboard.type('a velvet crab');
  await expect(page.getByLabel(startOf(messages.editor.choiceText)).last()).toHaveValue('a velvet crab');
  await page.getByRole('button', { name: messages.editor.addChoice }).focus();
  await page.keyboard.press('v');
  await expect(page.getByText(/Draw the viewpoint/)).toHaveCount(0);
});

test('words that were marked just now are what a link is tied to, before the browser has told of the marking', async ({
  page,
}) => {
  await fresh(page);
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  const open = page.getByLabel(startOf(messages.editor.textOf));
  await expect(open).toBeFocused();
  await page.keyboard.type('Go along the creek');
  await expect(open).toContainText('creek');
  // In one turn of the page, as quick fingers on a busy device do: the browser tells of a selection only after it.
  await open.evaluate((element) => {
    getSelection()?.modify('extend', 'backward', 'word');
    element.dispatchEvent(new KeyboardEvent('keydown', { key: 'k', ctrlKey: true, bubbles: true, cancelable: true }));
  });
  await expect(page.getByRole('dialog', { name: '“creek”' })).toBeVisible();
});
