/** Themes: chosen by seeing one's own slide in them, and what they make of titles, buttons and questions. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { item, newDeck, newTeacher, pickColour, saved } from './people';

const themesDialog = async (page: Page) => {
  await page.getByRole('button', { name: new RegExp(`^${messages.editor.theme}:`) }).click();
  return page.getByRole('dialog');
};
const ground = (page: Page) => page.locator('[data-canvas] .gv-ground');

test('each theme shows one’s own slide; the one that is chosen moves the title to where it leaves room', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'What lives in the mud');
  const title = page.locator('[data-canvas] [data-item]').first();
  const before = await title.getAttribute('style');
  const dialog = await themesDialog(page);
  const shelf = dialog.getByRole('group', { name: messages.editor.themes });
  await expect(shelf.getByRole('button')).toHaveCount(10);
  // What nobody has written yet is there with the name of its part.
  await expect(shelf.locator('.gv-slide').first()).toContainText(messages.roles.title);
  await expectClean(page);
  await shelf.getByRole('button', { name: messages.themes['Rock pool'] }).click();
  await page.keyboard.press('Escape');
  await expect(ground(page)).toHaveCSS('background-color', 'rgb(10, 71, 93)');
  await expect(title).not.toHaveAttribute('style', before ?? '');
  await saved(page);
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(title).toHaveAttribute('style', before ?? '');
});

test('a shape with a link is a button of the theme, in each theme as that has them, until it is given its own look', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'The boardwalk splits');
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.keyboard.press('Control+k');
  await page.getByRole('dialog').getByRole('button', { name: messages.links.stepsShort.back, exact: true }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(page.getByLabel(messages.editor.boxStyle, { exact: true })).toHaveValue('button');
  const outline = item(page, /^Shape/)
    .locator('svg path')
    .first();
  await expect(outline).toHaveAttribute('fill', '#17262b');
  await page.keyboard.press('Escape');
  const dialog = await themesDialog(page);
  await dialog.getByRole('button', { name: messages.themes.Dusk }).click();
  await page.keyboard.press('Escape');
  await expect(outline).toHaveAttribute('fill', '#ffc76a');
  await item(page, /^Shape/).click();
  await pickColour(page, messages.editor.fill, messages.colours.second);
  await expect(outline).toHaveAttribute('fill', 'var(--gv-second)');
  await page.keyboard.press('Escape');
  await themesDialog(page);
  await dialog.getByRole('button', { name: messages.themes.Dune }).click();
  await page.keyboard.press('Escape');
  await expect(outline).toHaveAttribute('fill', 'var(--gv-second)');
  await saved(page);
});
