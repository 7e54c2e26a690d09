/** Slides from layouts, other layouts, other slide sizes, themes. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { item, newDeck, newTeacher, pickColour, saved } from './people';
import { startOf } from './as-said';

test.beforeEach(async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Saltmarsh');
});

test('a slide is added from a layout, filled in, and given another layout without losing a word', async ({ page }) => {
  await page.getByRole('button', { name: messages.editor.addFrom }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.layouts['two-columns'] }).click();
  await item(page, 'Text, “More text”').dblclick();
  await page.keyboard.type('What the tide leaves');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Layout: Two columns' }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.layouts.story }).click();
  await expect(item(page, 'Text, “What the tide leaves”')).toBeVisible();
  await expect(item(page, 'Shape, “First choice”')).toBeVisible();
  // How a slide is left is not a matter of where its parts stand.
  await expect(page.getByRole('radio', { name: messages.editor.exitsLinks })).not.toBeChecked();
  await page.getByRole('radio', { name: messages.editor.exitsLinks }).click();
  await page.getByRole('button', { name: /^Layout: Story/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.layouts['two-columns'] }).click();
  await expect(page.getByRole('radio', { name: messages.editor.exitsLinks })).toBeChecked();
  for (let step = 0; step < 3; step += 1) await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(page.getByRole('button', { name: 'Layout: Two columns' })).toBeVisible();
  await expect(item(page, 'Shape, “First choice”')).toHaveCount(0);
});

test('empty parts say what they are for while editing, and are not in the show', async ({ page }) => {
  await expect(item(page, 'Text, “Title”')).toContainText(messages.layouts.title);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  await expect(page.getByRole('group', { name: messages.slides.opening })).toBeVisible();
  await expect(page.getByText(messages.layouts.title, { exact: true })).toHaveCount(0);
});

test('the slide size is changed with the content scaled, and back', async ({ page }) => {
  await page.getByRole('button', { name: messages.editor.slideSize }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.slides.sizeNames['4:3'] }).click();
  const slide = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  const ratio = async () => {
    const box = await slide.boundingBox();
    return box ? box.width / box.height : 0;
  };
  await expect.poll(ratio).toBeCloseTo(4 / 3, 1);
  await item(page, 'Text, “Title”').click();
  await expect(page.getByRole('spinbutton', { name: messages.editor.size })).toHaveValue('47.25');
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect.poll(ratio).toBeCloseTo(16 / 9, 1);
});

test('the theme is switched over the whole deck, one of its colours changed, and both taken back', async ({ page }) => {
  const canvas = page.locator('[data-canvas] .gv-ground');
  const second = page.locator('[data-slide]').last().locator('.gv-ground');
  await page.getByRole('button', { name: messages.editor.rectangle }).click();
  await pickColour(page, messages.editor.fill, messages.colours.accent);
  const shape = page.locator('[data-canvas] .gv-outline path');
  // The slide is a title slide, which has colours of its own.
  await expect(shape).toHaveCSS('fill', 'rgb(255, 217, 120)');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByRole('button', { name: /^1 Opening/ }).click();
  await page.getByRole('button', { name: 'Theme: Notebook' }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.asking.colours['#3d4e8a'] }).click();
  await expect(canvas).toHaveCSS('background-color', 'rgb(28, 31, 69)');
  await expect(second).toHaveCSS('background-color', 'rgb(35, 38, 77)');
  await expect(shape).toHaveCSS('fill', 'rgb(255, 199, 106)');
  await page.getByRole('dialog').getByLabel(messages.colours.accent).fill('#123456');
  await expect(shape).toHaveCSS('fill', 'rgb(18, 52, 86)');
  await expect(page.getByText(messages.editor.faint)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(
    page.getByRole('button', { name: `${messages.editor.theme}: ${messages.editor.ownTheme}` }),
  ).toBeVisible();
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(page.getByRole('button', { name: 'Theme: Notebook' })).toBeVisible();
  await expect(shape).toHaveCSS('fill', 'rgb(255, 217, 120)');
});

test('a slide is copied into another deck, with its words and its link to itself', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await item(page, 'Text, “Title”').dblclick();
  await page.keyboard.type('Low water');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.getByRole('dialog').getByRole('button', { name: messages.slides.opening }).click();
  const first = page.getByRole('button', { name: /^1 Opening/ });
  await first.focus();
  await page.keyboard.press('Control+c');
  await expect(page.getByText(messages.order.copied({ count: 1 })).first()).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: messages.frame.home }).click();
  await newDeck(page, 'Another deck');
  await page.getByRole('button', { name: /^1 Opening/ }).focus();
  await page.keyboard.press('Control+v');
  await expect(page.getByText(messages.editor.slidesPasted({ slides: 1, open: 0 })).first()).toBeVisible();
  await expect(item(page, 'Text, “Low water”')).toBeVisible();
  await expect(page.getByRole('button', { name: /^2 Opening/ })).toBeVisible();
});

test('links that come open by a paste are listed, each a press away', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('The creek');
  await page.getByRole('button', { name: /^1 Opening/ }).click();
  await item(page, 'Text, “Title”').dblclick();
  await page.keyboard.type('Low water');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.getByRole('dialog').getByRole('button', { name: 'The creek' }).click();
  await page.getByRole('button', { name: /^1 Opening/ }).focus();
  await page.keyboard.press('Control+c');
  await saved(page);
  await page.getByRole('link', { name: messages.frame.home }).click();
  await newDeck(page, 'Another deck');
  await page.getByRole('button', { name: /^1 Opening/ }).focus();
  await page.keyboard.press('Control+v');
  await expect(page.getByText(messages.editor.slidesPasted({ slides: 1, open: 1 })).first()).toBeVisible();
  await page.getByRole('button', { name: /^1 Opening/ }).click();
  await page
    .getByRole('list', { name: messages.routes.openLinks({ count: 1 }) })
    .getByRole('button', { name: /Low water/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Low water' })).toBeVisible();
  await expect(page.getByText(messages.destinations.slideIsGone).first()).toBeVisible();
});
