/** Diagrams and credit lines: made with one gesture, and ordinary from then on. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher, saved } from './people';

test('a list that is typed becomes a mind map: grown by Tab and Enter, seen meanwhile, undone at once', async ({
  page,
}) => {
  const says = messages.diagrams;
  await newTeacher(page);
  await newDeck(page, 'Diagrams');
  await page.getByRole('button', { name: messages.editor.shapes, exact: true }).click();
  await page.getByRole('button', { name: says.fromList }).click();
  const dialog = page.getByRole('dialog', { name: says.title });
  await dialog.getByText(says.kinds['mind-map']).click();
  const list = dialog.getByLabel(says.list);
  await list.fill('');
  await list.focus();
  await page.keyboard.type('Tide');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Moon');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Sun');
  await expect(list).toHaveValue('Tide\n\tMoon\n\tSun');
  await expect(dialog.getByRole('img', { name: says.preview })).toContainText('Sun');
  await expectClean(page);
  await page.keyboard.press('Control+Enter');
  await expect(dialog).toHaveCount(0);
  const slide = page.getByRole('main');
  for (const words of ['Tide', 'Moon', 'Sun'])
    await expect(slide.getByRole('button', { name: new RegExp(`“${words}”`) }).first()).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: messages.common.undo }).first().click();
  await expect(slide.getByRole('button', { name: /“Moon”/ })).toHaveCount(0);
});

test('a credit line is pasted at once, shown under its picture, and gathered on a slide that stays true', async ({
  page,
}) => {
  const says = messages.credits;
  await newTeacher(page, 'Nadia Quill');
  await newDeck(page, 'Papers');
  const drawing =
    '<svg xmlns="http://www.w3.org/2000/svg" width="800" height="400"><rect width="800" height="400" fill="#5a7a4a"/></svg>';
  await page
    .getByLabel(messages.kinds.picture, { exact: true })
    .setInputFiles({ name: 'heron.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(drawing) });
  const panel = page.getByRole('complementary');
  await panel.getByRole('button', { name: says.title }).click();
  await panel.getByLabel(says.pasteLabel).fill('a picture');
  await expect(panel.getByRole('alert')).toHaveText(says.notRead);
  await panel
    .getByLabel(says.pasteLabel)
    .fill('“Heron at dusk” by R. Sedge, https://pictures.example/heron, CC BY-SA 4.0');
  await expect(panel.getByLabel(says.author)).toHaveValue('R. Sedge');
  await expect(panel.getByLabel(says.source)).toHaveValue('https://pictures.example/heron');
  await expect(panel.getByText('“Heron at dusk” by R. Sedge, CC BY-SA 4.0')).toBeVisible();
  await expectClean(page);
  await panel.getByRole('button', { name: says.show }).click();
  await expect(page.getByRole('main').getByText('CC BY-SA 4.0').first()).toBeVisible();
  await panel.getByRole('button', { name: says.gather }).click();
  await page.getByRole('button', { name: new RegExp(`^2 ${says.gathered}`) }).click();
  // The slide before it stands beside it as a card, with the caption of its picture.
  const list = page.getByRole('group', { name: messages.editor.canvas({ name: says.gathered }) });
  await expect(list).toContainText('“Heron at dusk” by R. Sedge');
  // Its author says who took it instead: the list follows.
  await page.getByRole('button', { name: /^1 / }).first().click();
  await page
    .getByRole('main')
    .getByRole('button', { name: /^Picture/ })
    .first()
    .click();
  await panel.getByRole('button', { name: says.remove }).click();
  await panel.getByRole('button', { name: says.mine }).click();
  await page.getByRole('button', { name: new RegExp(`^2 ${says.gathered}`) }).click();
  await expect(list).toContainText(`By Nadia Quill, ${says.own}`);
  await expect(list).not.toContainText('R. Sedge');
});
