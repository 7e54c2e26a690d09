/** Questions begun in one press, from templates and from files; and files of them. */
import * as messages from '@gobrel/messages';
import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { addQuestion, item, newDeck, newTeacher, odile, ownCopy, saved } from './people';
import { asSaid } from './as-said';

test('a question is there in two presses, with regions drawn on its picture', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Questions');
  await addQuestion(page, messages.questions.starts['true-false'].name);
  await expect(item(page, /^Choice, “High tide/)).toBeVisible();
  await page.getByLabel(messages.questions.form).selectOption({ label: messages.questions.starts.scale.name });
  await expect(page.getByLabel(messages.editor.choiceText({ letter: 'E' }))).toHaveValue('fully');
  await page.getByLabel(messages.questions.tells).selectOption({ label: messages.questions.telling['at-once'] });
  await page.getByLabel(messages.questions.feedback.right).fill('Well done.');
  await addQuestion(page, messages.questions.starts.dots.name);
  await page.getByRole('button', { name: messages.questions.regions({ count: 0 }) }).click();
  const dialog = page.getByRole('dialog');
  const ground = await dialog.locator('.cursor-crosshair').boundingBox();
  if (!ground) throw new Error('no ground to draw on');
  await page.mouse.move(ground.x + 20, ground.y + 20);
  await page.mouse.down();
  await page.mouse.move(ground.x + 120, ground.y + 90, { steps: 4 });
  await page.mouse.up();
  await expect(dialog.getByRole('listitem', { name: messages.questions.region({ place: 1 }) })).toBeVisible();
  await dialog.getByRole('button', { name: messages.questions.addRegion }).click();
  await dialog
    .getByRole('listitem', { name: messages.questions.region({ place: 2 }) })
    .getByRole('radio', { name: messages.questions.box })
    .click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: messages.questions.regions({ count: 2 }) })).toBeVisible();
  await expect(page.getByText(messages.rules.dots)).toBeVisible();
  await saved(page);
});

test('questions leave as a package and come in again; a broken table is told row by row', async ({ page }, info) => {
  await odile(page);
  await page.goto(`/decks/${await ownCopy(page, 'night-watch')}`);
  const open = async () => {
    await page.getByRole('button', { name: messages.questions.add, exact: true }).click();
    await page.getByRole('button', { name: messages.exchange.open }).click();
  };
  await open();
  await page.getByRole('tab', { name: messages.exchange.takeOut }).click();
  await expect(page.getByText(messages.losses['no-speaking']).first()).toBeAttached();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: messages.exchange.takeQti }).click();
  const file = info.outputPath('questions.zip');
  await (await saving).saveAs(file);
  expect((await readFile(file)).subarray(0, 2).toString()).toBe('PK');
  await page.getByRole('tab', { name: messages.exchange.bringIn }).click();
  const input = page.getByRole('dialog').locator('input[type=file]');
  await input.setInputFiles({
    name: 'mine.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('kind,question,choice A,choice B,right\nchoice,High?,yes,no,A\nriddle,What?,,,\n'),
  });
  await expect(page.getByText(messages.exchange.found({ count: 1 }))).toBeVisible();
  await expect(page.getByText(asSaid(messages.losses['no-kind'], { text: 'riddle' }))).toBeVisible();
  await input.setInputFiles(file);
  await page.getByRole('button', { name: /^Add 1\d slides/ }).click();
  await expect(page.getByText(/^1\d slides added\.$/)).toBeVisible();
  await expect(item(page, /^Choice, “High water/)).toBeVisible();
});

test('a deck begins from a template; a slide is kept as one, shared, and found by a colleague', async ({
  browser,
  page,
}) => {
  await newTeacher(page);
  await page.goto('/');
  await page.getByRole('button', { name: messages.library.fromTemplate }).click();
  await page.getByRole('dialog').getByRole('radio', { name: messages.templates.moments.practising }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.templates.doings.match, exact: true }).click();
  await page.getByRole('button', { name: /^Practice round/ }).click();
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('Practice round');
  await page.getByRole('button', { name: /^5 Pairs/ }).click();
  await page.getByRole('button', { name: messages.templates.keep }).click();
  await page.getByLabel(messages.templates.keepName).fill('My pairs');
  await page.getByRole('dialog').getByRole('button', { name: messages.templates.keep }).click();
  await expect(page.getByText(messages.templates.kept, { exact: true })).toBeVisible();
  const colleague = await (await browser.newContext()).newPage();
  const { email } = await newTeacher(colleague, 'Gwen Sallow');
  await page.getByRole('button', { name: messages.editor.addFrom }).click();
  await page.getByRole('button', { name: messages.templates.open }).click();
  await page.getByRole('button', { name: messages.templates.actions({ name: 'My pairs' }) }).click();
  await page.getByRole('menuitem', { name: messages.templates.share }).click();
  await page.getByLabel(messages.templates.shareEmail).fill(email);
  await page.getByRole('button', { name: messages.templates.share }).click();
  await expect(page.getByText(messages.templates.shared({ name: 'Gwen Sallow' }), { exact: true })).toBeVisible();
  await newDeck(colleague, 'Mine');
  await colleague.getByRole('button', { name: messages.editor.addFrom }).click();
  await colleague.getByRole('button', { name: messages.templates.open }).click();
  await expect(colleague.getByText(messages.templates.by({ name: 'Nadia Quill' }))).toBeVisible();
  await colleague.getByRole('button', { name: /^My pairs/ }).click();
  await expect(item(colleague, /^Zone, “dog”/)).toBeVisible();
});

test('results leave as a table and are looked at again', async ({ page }, info) => {
  await odile(page);
  // What was said to the answers takes its time: until it is here, nothing says how anybody did.
  let arrive = () => {};
  const arrival = new Promise<void>((resolve) => (arrive = resolve));
  await page.route('**/api/lessons/exit-lesson/reviews', async (route) => {
    await arrival;
    await route.continue();
  });
  await page.goto('/lessons/exit-lesson');
  await page.getByRole('tab', { name: messages.board.answers }).click();
  await expect(page.getByText(messages.common.loading({ what: 'the answers' }))).toBeVisible();
  await expect(page.getByRole('button', { name: messages.exchange.results })).toBeHidden();
  arrive();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: messages.exchange.results }).click();
  const file = info.outputPath('results.csv');
  await (await saving).saveAs(file);
  await page.goto('/lessons');
  await page.getByRole('button', { name: messages.exchange.resultsFrom }).click();
  const input = page.getByRole('dialog').locator('input[type=file]');
  await input.setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\n1,2') });
  await expect(page.getByText(messages.losses['no-results'])).toBeVisible();
  await input.setInputFiles(file);
  await expect(page.getByRole('region', { name: messages.figures.title })).toContainText('Cronbach');
  await expect(page.getByRole('row', { name: /^Amaro Finch/ })).toBeVisible();
});
