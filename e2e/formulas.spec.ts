/** Formulas: put together by presses or typed, among words and by themselves, drawn and read out wherever they are. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, test } from '@playwright/test';
import { startOf } from './as-said';
import { expectClean } from './expect-clean';
import { addQuestion, newDeck, newTeacher, saved } from './people';

const says = messages.formulas;

/** What a formula says to a screen reader, without its structure. */
const spokenIn = (place: Locator) => place.locator('math').first();

test('a fraction is put together by presses and keys, placed by itself, and changed again', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Tide tables');
  await page.getByRole('button', { name: messages.signs.sets.signs, exact: true }).click();
  await page.getByRole('button', { name: says.title }).click();
  const dialog = page.getByRole('dialog', { name: says.title });
  const tex = dialog.getByLabel(says.tex);
  await tex.fill('v=');
  await dialog.getByRole('button', { name: says.forms.fraction, exact: true }).click();
  await page.keyboard.type('s');
  await page.keyboard.press('Tab');
  await page.keyboard.type('t');
  await expect(tex).toHaveValue(String.raw`v=\frac{s}{t}`);
  await expect(spokenIn(dialog)).toHaveText('v=st');
  await expect(dialog.locator('mfrac').first()).toBeAttached();
  await expectClean(page);
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
  const canvas = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  await expect(canvas.locator('mfrac')).toBeAttached();
  await saved(page);
  await page.getByRole('button', { name: messages.common.undo }).first().click();
  await expect(canvas.locator('mfrac')).toHaveCount(0);
  await page.getByRole('button', { name: messages.common.redo }).first().click();
  await expect(canvas.locator('mfrac')).toBeAttached();
});

test('what is wrong is said while one types, and a class never gets it unseen', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Unfinished');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('About ');
  await page.getByRole('button', { name: says.title, exact: true }).click();
  const dialog = page.getByRole('dialog', { name: says.title });
  await dialog.getByLabel(says.tex).fill(String.raw`\frac{1`);
  await expect(dialog.getByRole('alert')).toContainText('brace');
  await expect(dialog.getByRole('button', { name: says.put })).toBeDisabled();
  await dialog.getByLabel(says.tex).fill(String.raw`\frac{1}{4}`);
  await dialog.getByRole('button', { name: says.put }).click();
  // Typing goes on behind it, as soon as the caret is there again.
  const words = page.getByRole('main').first().locator('[contenteditable=true]');
  await expect(words).toBeFocused();
  await page.keyboard.type(' of it, and ');
  await page.keyboard.type(String.raw`\(\sqrt{\)`);
  await page.keyboard.press('Escape');
  const canvas = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  await expect(canvas.locator('math').first()).toHaveText('14');
  await expect(canvas).toContainText('About');
  await expect(canvas).toContainText('of it, and');
  await page.getByRole('tab', { name: messages.checks.tab }).click();
  await expect(
    page.getByRole('listitem').filter({ hasText: messages.checks.titles['formula-not-drawn'] }),
  ).toContainText(String.raw`\sqrt{`);
});

test('prompts and choices have formulas; whoever answers sees them drawn', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Areas');
  await addQuestion(page, messages.questions.starts.choice.name);
  const panel = page.getByRole('complementary');
  const put = async (field: string, tex: string) => {
    await panel.getByLabel(field, { exact: true }).fill('');
    await panel.getByRole('button', { name: says.title }).click();
    const dialog = page.getByRole('dialog', { name: says.title });
    await dialog.getByLabel(says.tex).fill(tex);
    await dialog.getByRole('button', { name: says.put }).click();
    await expect(dialog).toHaveCount(0);
  };
  await put(messages.editor.prompt, String.raw`\int_0^1 x\,dx`);
  await put(messages.editor.choiceText({ letter: 'A' }), String.raw`\frac{1}{2}`);
  await saved(page);
  await page.getByRole('button', { name: messages.questions.tryHere }).click();
  const question = page
    .getByRole('group')
    .filter({ has: page.getByRole('radio') })
    .first();
  await expect(question.locator('legend math')).toContainText('∫');
  await expect(question.locator('label math')).toHaveText('12');
  await expect(question).not.toContainText('\\');
  await expectClean(page);
});
